<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\LetterPreview;
use App\Booking\Occasion;
use App\Calendars\Reader;
use App\Models\Booking;
use App\Models\Party;

/** A letter as it would be written, to look at. */
final class WrittenLetter implements LetterPreview
{
    public function toVisitor(Booking $then, Occasion $occasion, string $word, int $now, ?int $was = null): string
    {
        $letter = Letter::about($then, $occasion, Reader::pass($then->pass), $word, Party::Host, $now, $was);

        return trim(view('mail.text', ['letter' => $letter])->render());
    }
}
