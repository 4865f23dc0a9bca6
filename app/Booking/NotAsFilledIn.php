<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;
use App\Framework\Words;

/**
 * Something stands against a booking that is on another pass: of that address, or about that student. Whoever asks may be
 * anybody, so they hear neither what nor when.
 */
final class NotAsFilledIn extends Refused
{
    public function __construct()
    {
        parent::__construct(Words::say('booking.not_as_filled_in'));
    }
}
