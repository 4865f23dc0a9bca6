<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\StaffMember;

/** The host says that they run so many minutes late; it holds until they call somebody in. */
final class SayLate
{
    /** @throws PressedElsewhere */
    public function __invoke(StaffMember $host, int $revision, int $minutes, int $now): void
    {
        Press::at($host, $revision, $minutes > 0 ? 'late' : 'in_time', $now, static function (Press $press) use (
            $minutes,
        ): void {
            $press->desk->fill(['late_minutes' => $minutes]);
        });
    }
}
