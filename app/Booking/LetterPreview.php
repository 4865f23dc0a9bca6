<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;

/** The text of a message before it goes: whoever changes a sheet sees what each visitor will read. */
interface LetterPreview
{
    /**
     * @param  Booking  $then  as it would be; never saved
     * @param  string  $word  the host's own words in it
     * @param  int  $now  seconds since the epoch
     * @param  int|null  $was  when it began before it was moved
     */
    public function toVisitor(Booking $then, Occasion $occasion, string $word, int $now, ?int $was = null): string;
}
