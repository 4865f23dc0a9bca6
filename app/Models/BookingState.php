<?php

declare(strict_types=1);

namespace App\Models;

/** Where a booking is in its life. */
enum BookingState: string
{
    /** Kept for a visitor whose address has not answered yet; nobody else knows of it. */
    case Kept = 'kept';
    /** Wished for; the host has not answered yet. */
    case Asked = 'asked';
    case Booked = 'booked';
    case Declined = 'declined';
    case Cancelled = 'cancelled';

    /** @return list<self> those in which a booking has its time */
    public static function standing(): array
    {
        return [self::Kept, self::Asked, self::Booked];
    }
}
