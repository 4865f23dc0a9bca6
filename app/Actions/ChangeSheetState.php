<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Sheet;
use App\Models\SheetState;

/** Pauses, closes or opens again a sheet that was published; what is booked stays booked. */
final class ChangeSheetState
{
    public function __construct(private readonly PublishSheet $publish)
    {
    }

    public function __invoke(Sheet $sheet, SheetState $state, string $note, int $now): Sheet
    {
        if ($state === SheetState::Open && $sheet->published_at === null) {
            return ($this->publish)($sheet, $now);
        }
        $sheet->update(['state' => $state, 'paused_note' => $state === SheetState::Paused ? $note : '']);

        return $sheet;
    }
}
