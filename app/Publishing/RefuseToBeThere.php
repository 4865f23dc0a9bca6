<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Models\Hold;
use App\Models\Instant;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\Guards;

/** Takes a colleague off a sheet at their own word. Meetings stand, without them; whoever wrote the sheet is told. */
final class RefuseToBeThere
{
    public function __invoke(Sheet $sheet, StaffMember $colleague, int $now): void
    {
        Contended::transaction(static function () use ($sheet, $colleague, $now): void {
            Guards::edit($sheet);
            $sheet->colleagues()->where('staff_id', $colleague->id)->delete();
            $sheet->update(['version' => $sheet->version + 1]);
            // Their time alongside somebody else is theirs again; meetings that are with themselves stay with them.
            $theirs = Hold::query()
                ->where('sheet_id', $sheet->id)
                ->where('staff_id', $colleague->id)
                ->whereNotNull('with_hold_id')
                ->where('ends_at', '>', Instant::column($now));
            $meetings = (clone $theirs)->count();
            $theirs->delete();
            event(new ColleagueRefused($sheet, $colleague, $meetings));
        });
        $sheet->refresh();
    }
}
