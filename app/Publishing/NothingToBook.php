<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;

/** A sheet whose every slot is over is not worth publishing. */
final class NothingToBook extends Refused
{
    public function __construct()
    {
        parent::__construct(
            'No time on this sheet can still be booked, so it was not published. It is kept as a draft. Choose a later date, or allow booking closer to the meeting.',
        );
    }
}
