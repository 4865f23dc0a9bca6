<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\LetterPreview;
use App\Booking\Occasion;
use App\Booking\Presser;
use App\Calendars\Reader;
use App\Framework\Reading;
use App\Models\Booking;
use App\Models\Party;

/** A letter as it would be written, to look at. */
final class WrittenLetter implements LetterPreview
{
    public function moved(Booking $then, Occasion $occasion, string $word, int $now, ?int $was): string
    {
        return self::written($then, new News($occasion, Presser::side(Party::Host), $word, $was), $now);
    }

    public function cancelled(Booking $booking, string $word, int $now, array $instead): string
    {
        return self::written(
            $booking,
            new News(Occasion::Cancelled, Presser::side(Party::Host), $word, instead: $instead),
            $now,
        );
    }

    private static function written(Booking $booking, News $what, int $now): string
    {
        $letter = Letter::about($booking, $what, Reader::pass($booking->pass), $now);

        return trim(view('mail.text', ['letter' => $letter, 'reading' => Reading::now()])->render());
    }
}
