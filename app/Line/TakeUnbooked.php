<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\StaffMember;
use App\Models\Turn;

/** Somebody just came in, without a booking: they stand in the line where they came. */
final class TakeUnbooked
{
    /** @throws PressedElsewhere */
    public function __invoke(StaffMember $host, int $revision, Unbooked $who, int $now): void
    {
        Press::at($host, $revision, 'unbooked', $now, static function (Press $press) use ($host, $who, $now): void {
            $press->unbooked(
                Turn::query()->create([
                    'staff_id' => $host->id,
                    'day' => (string) $press->day->day->date,
                    'name' => $who->name,
                    'student' => $who->student,
                    'phone' => $who->phone,
                    'minutes' => $who->minutes,
                    'arrived_at' => Instant::column($now),
                    'arrived_by' => 'desk',
                ]),
            );
        });
    }
}
