<?php

declare(strict_types=1);

namespace App\Models;

/** Where a booking is in its life. */
enum BookingState: string
{
    case Booked = 'booked';
    case Cancelled = 'cancelled';
}
