<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Seat;
use App\Models\Sheet;
use App\Timetables\Guards;

/** Makes a keep as long again as it was, once. What is offered in line for hours is no such keep. */
final class KeepLonger
{
    /**
     * @param  string  $keeper  hash of the visitor's key
     * @return int|null the instant until which it is kept now; null when there is nothing to make longer
     */
    public function __invoke(Sheet $sheet, string $keeper, int $now): ?int
    {
        $long = (int) config('recess.keep_seconds');

        return Contended::transaction(static function () use ($sheet, $keeper, $now, $long): ?int {
            Guards::sheet($sheet);
            $seat = Seat::query()
                ->join('holds', 'holds.id', '=', 'seats.hold_id')
                ->where('holds.sheet_id', $sheet->id)
                ->where('keeper', $keeper)
                ->where('lengthened', false)
                ->where('kept_until', '>', Instant::column($now))
                ->where('kept_until', '<=', Instant::column($now + $long))
                ->first(['seats.hold_id', 'seats.seat', 'seats.kept_until']);
            $until = ($seat?->kept_until?->getTimestamp() ?? 0) + $long;
            if ($seat !== null) {
                Seat::query()
                    ->where('hold_id', $seat->hold_id)
                    ->where('seat', $seat->seat)
                    ->update(['kept_until' => Instant::column($until), 'lengthened' => true]);
            }

            return $seat === null ? null : $until;
        });
    }
}
