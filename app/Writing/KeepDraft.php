<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\Sheet;
use App\Models\StaffMember;

/** Keeps what is typed on a worksheet, so that a reload, another computer or a flat battery loses nothing. */
final class KeepDraft
{
    /** Characters of a worksheet with everything on it; more is not typed by hand. */
    public const MOST = 200_000;

    /** @param  array<mixed>  $form */
    public function __invoke(StaffMember $writer, ?Sheet $sheet, array $form, string $line): void
    {
        Draft::query()
            ->updateOrCreate(
                ['staff_id' => $writer->id, 'of' => $sheet->id ?? 0],
                ['sheet_id' => $sheet?->id, 'form' => $form, 'line' => $line],
            )
            ->touch();
    }
}
