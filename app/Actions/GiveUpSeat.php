<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Hold;
use App\Models\Seat;
use App\Timetables\Glance;
use Illuminate\Support\Facades\DB;

/** Gives up one seat; the hold goes with the last one, and the co-hosts' time with it. To be called inside a transaction. */
final class GiveUpSeat
{
    public function __invoke(int $holdId, int $seat): void
    {
        // The hold before its seats, the order in which TakeSeat takes them too.
        $hold = Hold::query()->whereKey($holdId)->lockForUpdate()->first();
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
