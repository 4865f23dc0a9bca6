<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\BookingState;

/** From when a visitor can say that they are here: the host's to set. */
final class Opening
{
    /** The instant. */
    public static function of(Booking $booking): int
    {
        return $booking->span()->start - $booking->host->arrive_minutes * 60;
    }

    public static function stands(Booking $booking): bool
    {
        return $booking->state === BookingState::Booked;
    }
}
