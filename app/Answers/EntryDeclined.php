<?php

declare(strict_types=1);

namespace App\Answers;

use App\Models\Booking;

/** A visitor declined an entry in their calendar, and the sheet says that they are asked before the time is given back. */
final readonly class EntryDeclined
{
    public function __construct(public Booking $booking) {}
}
