<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Instant;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;

/** When a staff member last looked at who has booked. Kept beside the sheet: looking changes nothing of it. */
final class Look
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(StaffMember $staff, Sheet $sheet, int $now): void
    {
        DB::table('looks')->upsert(
            [['staff_id' => $staff->id, 'sheet_id' => $sheet->id, 'looked_at' => Instant::column($now)]],
            ['staff_id', 'sheet_id'],
            ['looked_at'],
        );
    }

    /** As its column has it; null where they never did. */
    public static function of(int|string|null $staff, int $sheet): ?string
    {
        $looked = DB::table('looks')->where('staff_id', (int) $staff)->where('sheet_id', $sheet)->value('looked_at');

        return is_string($looked) ? $looked : null;
    }
}
