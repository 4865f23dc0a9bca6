<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\BookingState;

/**
 * From when a visitor can say that they are here: the host's to set. Nobody who stands at the entrance is sent away
 * for being early.
 */
final class Opening
{
    /** Minutes before their time from which they are taken in at the entrance at the latest. */
    private const AT_ENTRANCE = 45;

    /**
     * The instant.
     *
     * @param  string  $by  pass, kiosk or desk
     */
    public static function of(Booking $booking, string $by = 'pass'): int
    {
        $minutes = $booking->host->arrive_minutes;

        return $booking->span()->start - ($by === 'kiosk' ? max($minutes, self::AT_ENTRANCE) : $minutes) * 60;
    }

    public static function stands(Booking $booking): bool
    {
        return $booking->state === BookingState::Booked;
    }
}
