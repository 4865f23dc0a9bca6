<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Live\Announce;
use App\Models\Instant;
use App\Models\Seat;
use App\Models\Sheet;
use App\Timetables\Guards;

/** Releases what a key keeps on a sheet: free for others at once. */
final class LetGo
{
    public function __construct(private readonly GiveUpSeat $giveUpSeat) {}

    /**
     * @param  int|null  $butNot  the start of a slot that stays kept
     * @param  int|null  $with  with whom it stays kept, when it has to be somebody
     */
    public function __invoke(Sheet $sheet, string $keeper, ?int $butNot = null, ?int $with = null): void
    {
        Contended::transaction(function () use ($sheet, $keeper, $butNot, $with): void {
            Guards::sheet($sheet);
            $seats = Seat::query()
                ->join('holds', 'holds.id', '=', 'seats.hold_id')
                ->where('keeper', $keeper)
                ->where('holds.sheet_id', $sheet->id)
                ->when(
                    $butNot !== null,
                    static fn($one) => $one->where(
                        static fn($other) => $other
                            ->where('holds.starts_at', '!=', Instant::column((int) $butNot))
                            ->when(
                                $with !== null,
                                static fn($another) => $another->orWhere('holds.staff_id', '!=', $with),
                            ),
                    ),
                )
                ->get(['seats.hold_id', 'seats.seat']);
            if ($seats->isNotEmpty()) {
                Announce::sheet($sheet->id);
            }
            foreach ($seats as $seat) {
                ($this->giveUpSeat)((int) $seat->hold_id, (int) $seat->seat);
            }
        });
    }
}
