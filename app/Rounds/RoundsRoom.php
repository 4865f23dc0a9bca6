<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Room;
use App\Models\Round;

/** A whole school's conferences: set up once, planned by each family at once. */
final class RoundsRoom extends Room
{
    protected function policies(): array
    {
        return [Round::class => RoundPolicy::class, RoundHost::class => RoundHostPolicy::class];
    }
}
