<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Booking;

/** Raised in the transaction that books, so that what hangs on it is kept or dropped with the booking. */
final readonly class BookingMade
{
    public function __construct(public Booking $booking)
    {
    }
}
