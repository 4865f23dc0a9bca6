<?php

declare(strict_types=1);

namespace App\Booking;

use App\Calendars\OwnEntries;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\SheetHost;
use App\Models\StaffMember;

/** Meetings that are somebody's, or to which they come as a colleague. */
final class MeetingEntries implements OwnEntries
{
    public function uids(StaffMember $host, int $since): array
    {
        $theirs = SheetHost::query()->where('staff_id', $host->id)->select('sheet_id');

        return array_values(
            array_map(
                strval(...),
                Booking::query()
                    ->where('ends_at', '>', Instant::column($since))
                    ->where(static fn($one) => $one->where('staff_id', $host->id)->orWhereIn('sheet_id', $theirs))
                    ->pluck('uid')
                    ->all(),
            ),
        );
    }
}
