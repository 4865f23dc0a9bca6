<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Hold;
use App\Models\Instant;
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
        DB::afterCommit(static fn() => Glance::forget($hold->sheet_id, $hold->starts_at->getTimestamp()));
    }

    /** A booking's seat. Where others have one of the same time, what was this one's alone goes: its interpreter, and the rest of a longer meeting. */
    public function ofBooking(Booking $booking): void
    {
        [$hold, $seat, $rest] = [$booking->hold_id, $booking->seat, $booking->rest()];
        $booking->update(['hold_id' => null, 'seat' => null]);
        if ($hold === null || $seat === null) {
            return;
        }
        $this($hold, $seat);
        $with = Hold::query()->where('with_hold_id', $hold);
        if ($booking->interpreter_id !== null) {
            (clone $with)->where('staff_id', $booking->interpreter_id)->delete();
        }
        if ($rest !== null) {
            $theirs = $with->where('staff_id', $booking->staff_id)->where('starts_at', Instant::column($rest->start));
            $until = (string) Booking::query()->where('hold_id', $hold)->max('ends_at');
            $until > Instant::column($rest->start) ? $theirs->update(['ends_at' => $until]) : $theirs->delete();
        }
    }
}
