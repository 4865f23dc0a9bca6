<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Timetables\Guards;

/** Pauses, closes or opens again a sheet that was published, or takes it back; what is booked stays booked. */
final class ChangeSheetState
{
    public function __construct(private readonly PublishSheet $publish) {}

    /** @throws NotADraftAgain when somebody has booked, or waits */
    public function __invoke(Sheet $sheet, SheetState $state, string $note, int $now): Sheet
    {
        if ($state === SheetState::Open && $sheet->published_at === null) {
            return ($this->publish)($sheet, $now);
        }

        return Contended::transaction(static function () use ($sheet, $state, $note): Sheet {
            Guards::sheet($sheet);
            if ($state === SheetState::Draft && $sheet->hasBeenUsed()) {
                throw new NotADraftAgain();
            }
            $sheet->update(
                ['state' => $state, 'paused_note' => $state === SheetState::Paused ? $note : ''] +
                    ($state === SheetState::Draft ? ['published_at' => null] : []),
            );

            return $sheet;
        });
    }
}
