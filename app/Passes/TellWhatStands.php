<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\StandsAgainst;
use App\Framework\Limits;

/** Whoever reads an address at which something is booked finds it in a letter; whoever only typed the address learns nothing. */
final class TellWhatStands
{
    private const HOUR = 3_600;

    public function handle(StandsAgainst $event): void
    {
        // Found in its own time: that takes as long whether or not there is anything.
        Limits::hit("stands against|$event->email", 1, self::HOUR, $event->now) === null &&
            LookForPasses::dispatch($event->email);
    }
}
