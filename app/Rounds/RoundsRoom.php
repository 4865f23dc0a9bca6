<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Room;
use App\Timetables\RoundsKnow;

/** A whole school's conferences: set up once, planned by each family at once. */
final class RoundsRoom extends Room
{
    public function register(): void
    {
        $this->app->singleton(RoundsKnow::class, RoundsKnown::class);
    }

    protected function policies(): array
    {
        return [RoundHost::class => RoundHostPolicy::class];
    }
}
