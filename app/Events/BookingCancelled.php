<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Booking;

/** Raised in the transaction that cancels. */
final readonly class BookingCancelled
{
    public function __construct(public Booking $booking)
    {
    }
}
