<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Instant;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Timetables\Guards;

/** Takes bookings on a sheet from now on; colleagues who are on it hear of it. To be called inside a transaction. */
final class OpenSheet
{
    public function __construct(private readonly AskColleagues $askColleagues) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Sheet $sheet, int $now): void
    {
        Guards::sheet($sheet);
        $sheet->update(['state' => SheetState::Open, 'published_at' => Instant::column($now), 'paused_note' => '']);
        ($this->askColleagues)($sheet);
    }
}
