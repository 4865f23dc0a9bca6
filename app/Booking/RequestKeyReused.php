<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;

/** The same key came with other answers: a page has gone wrong, and neither booking may be guessed at. */
final class RequestKeyReused extends Refused
{
    public function __construct()
    {
        parent::__construct(
            'This form was already sent with other answers. The first one counts. Load the page again to book another time.',
        );
    }
}
