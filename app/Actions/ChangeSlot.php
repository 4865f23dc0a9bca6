<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Sheet;
use App\Models\SlotChange;
use Recess\Time\Span;

/** Closes one slot by hand, opens it again, or gives it more seats "in case somebody doesn't come". Bookings stay. */
final class ChangeSlot
{
    public function __invoke(Sheet $sheet, Span $slot, bool $closed, int $extraSeats): void
    {
        $at = ['sheet_id' => $sheet->id, 'starts_at' => gmdate('Y-m-d H:i:s', $slot->start)];
        if (! $closed && $extraSeats === 0) {
            SlotChange::query()->where($at)->delete();
        } else {
            SlotChange::query()->updateOrCreate($at, ['ends_at' => gmdate('Y-m-d H:i:s', $slot->end), 'closed' => $closed, 'extra_seats' => $extraSeats]);
        }
        $sheet->unsetRelation('slotChanges');
    }
}
