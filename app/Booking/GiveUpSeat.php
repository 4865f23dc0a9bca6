<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Hold;
use App\Models\Seat;
use App\Timetables\Glance;
use Illuminate\Support\Facades\DB;

/** Gives up one seat; the hold goes with the last one, and the colleagues' time with it. To be called inside a transaction that has raised the sheet's guards. */
final class GiveUpSeat
{
    public function __invoke(int $holdId, int $seat): void
    {
        $hold = Hold::query()->whereKey($holdId)->first();
        Seat::query()->where('hold_id', $holdId)->where('seat', $seat)->delete();
        if ($hold === null) {
            return;
        }
        if ($hold->seats()->doesntExist()) {
            $hold->delete();
        }
        DB::afterCommit(static fn () => Glance::forget($hold->sheet_id, $hold->starts_at->getTimestamp()));
    }
}
