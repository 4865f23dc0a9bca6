<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Calendars\OwnEntries;
use App\Models\Instant;
use App\Models\StaffMember;

/** What is asked of somebody and not answered yet. */
final class KnockEntries implements OwnEntries
{
    public function uids(StaffMember $host, int $since): array
    {
        $theirs = Knock::query()
            ->where('until', '>', Instant::column($since))
            ->whereHas('hosts', static fn($one) => $one->where('staff_id', $host->id));

        return array_values(array_map(strval(...), $theirs->pluck('uid')->all()));
    }
}
