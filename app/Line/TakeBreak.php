<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\StaffMember;

/** The host takes a break of so many minutes, or ends it with none; whoever is in goes. */
final class TakeBreak
{
    /** @throws PressedElsewhere */
    public function __invoke(StaffMember $host, int $revision, int $minutes, int $now): void
    {
        Press::at($host, $revision, $minutes > 0 ? 'break' : 'back', $now, static function (Press $press) use (
            $minutes,
            $now,
        ): void {
            foreach ($minutes > 0 ? $press->underWay() : [] as $key) {
                $press->close($key);
            }
            $press->desk->fill([
                'break_from' => $minutes > 0 ? Instant::column($now) : null,
                'break_until' => $minutes > 0 ? Instant::column($now + $minutes * 60) : null,
            ]);
        });
    }
}
