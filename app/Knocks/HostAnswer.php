<?php

declare(strict_types=1);

namespace App\Knocks;

/** What one of the hosts has said to a knock. */
enum HostAnswer: string
{
    case None = 'none';
    case Accepted = 'accepted';
    case Maybe = 'maybe';
    case Declined = 'declined';
}
