<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;
use App\Framework\Words;

/** The same key came with other answers: a page has gone wrong, and neither booking may be guessed at. */
final class RequestKeyReused extends Refused
{
    public function __construct()
    {
        parent::__construct(Words::say('booking.key_reused'));
    }
}
