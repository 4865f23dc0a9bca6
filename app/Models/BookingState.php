<?php

declare(strict_types=1);

namespace App\Models;

/** Where a booking is in its life. */
enum BookingState: string
{
    /** Wished for; the host has not answered yet. */
    case Asked = 'asked';
    case Booked = 'booked';
    case Declined = 'declined';
    case Cancelled = 'cancelled';

    /** @return list<self> those in which a booking has its time */
    public static function standing(): array
    {
        return [self::Asked, self::Booked];
    }
}
