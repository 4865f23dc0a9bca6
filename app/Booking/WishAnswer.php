<?php

declare(strict_types=1);

namespace App\Booking;

/** What a host says to a wish. */
enum WishAnswer: string
{
    case Accept = 'accept';
    case Maybe = 'maybe';
    case Decline = 'decline';
}
