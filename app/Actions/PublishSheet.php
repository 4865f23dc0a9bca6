<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failures\NothingToBook;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Timetables\SheetTimetable;

/** Opens a sheet to everybody who has its link. */
final class PublishSheet
{
    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws NothingToBook when no slot can be had any more
     */
    public function __invoke(Sheet $sheet, int $now): Sheet
    {
        if ((new SheetTimetable($sheet, $now))->free() === []) {
            throw new NothingToBook;
        }
        $sheet->update(['state' => SheetState::Open, 'published_at' => gmdate('Y-m-d H:i:s', $now), 'paused_note' => '']);

        return $sheet;
    }
}
