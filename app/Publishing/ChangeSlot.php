<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Sheet;
use App\Models\SlotChange;
use App\Timetables\Guards;
use Recess\Time\Span;

/** Closes one slot by hand, opens it again, or gives it more seats "in case somebody doesn't come". Bookings stay. */
final class ChangeSlot
{
    public function __invoke(Sheet $sheet, Span $slot, bool $closed, int $extraSeats): void
    {
        Contended::transaction(static function () use ($sheet, $slot, $closed, $extraSeats): void {
            Guards::sheet($sheet);
            $at = ['sheet_id' => $sheet->id, 'starts_at' => Instant::column($slot->start)];
            if (!$closed && $extraSeats === 0) {
                SlotChange::query()->where($at)->delete();
            } else {
                SlotChange::query()->updateOrCreate($at, [
                    'ends_at' => Instant::column($slot->end),
                    'closed' => $closed,
                    'extra_seats' => $extraSeats,
                ]);
            }
        });
        $sheet->refresh();
    }
}
