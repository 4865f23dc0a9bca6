<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\PassRefused;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;

/** What has to be so before a visitor changes a booking. */
final class Changeable
{
    /** @throws PassRefused when the meeting has begun */
    public static function ahead(Booking $booking, int $now): void
    {
        if ($booking->stands() && !$booking->isAhead($now)) {
            throw new PassRefused(Words::say('booking.has_begun'));
        }
    }

    /** @throws PassRefused when it is only kept for an address that has not answered */
    public static function confirmed(Booking $booking): void
    {
        if ($booking->state === BookingState::Kept) {
            throw new PassRefused(Words::say('booking.confirm_first'));
        }
    }
}
