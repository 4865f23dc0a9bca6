<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use Recess\Time\Span;

/** The text of a message before it goes: whoever changes a sheet sees what each visitor will read. */
interface LetterPreview
{
    /**
     * That it is at another time, or at another place.
     *
     * @param  Booking  $then  as it would be; never saved
     * @param  string  $word  the host's own words in it
     * @param  int  $now  seconds since the epoch
     * @param  int|null  $was  when it began before it was moved
     */
    public function moved(Booking $then, Occasion $occasion, string $word, int $now, ?int $was): string;

    /**
     * That it cannot be.
     *
     * @param  string  $word  the host's own words in it
     * @param  int  $now  seconds since the epoch
     * @param  list<Span>  $instead  what would be free instead
     */
    public function cancelled(Booking $booking, string $word, int $now, array $instead): string;
}
