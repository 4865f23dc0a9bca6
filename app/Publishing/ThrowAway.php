<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Hold;
use App\Models\Seat;
use App\Models\Sheet;
use App\Timetables\Guards;

/** Removes a sheet on which nobody ever booked, for good. One with bookings is put away instead: families look it up. */
final class ThrowAway
{
    /** @throws StillNeeded when somebody has booked there, also in the past */
    public function __invoke(Sheet $sheet): void
    {
        Contended::transaction(static function () use ($sheet): void {
            Guards::sheet($sheet);
            if ($sheet->bookings()->exists()) {
                throw new StillNeeded(Words::say('booking.still_needed'));
            }
            // What somebody keeps while they type goes with it; the guards see to it that nobody books meanwhile.
            $holds = Hold::query()->where('sheet_id', $sheet->id)->pluck('id');
            Seat::query()->whereIn('hold_id', $holds)->delete();
            Hold::query()->whereKey($holds)->delete();
            $sheet->delete();
        });
    }
}
