<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\HostRole;
use App\Models\Sheet;
use App\Models\SheetState;
use Carbon\CarbonImmutable;

/** Tells colleagues what they are to do on a sheet, once it is public, each once. To be called inside the transaction that makes it so. */
final class AskColleagues
{
    public function __invoke(Sheet $sheet): void
    {
        if ($sheet->state === SheetState::Draft) {
            return;
        }
        foreach (
            $sheet
                ->colleagues()
                ->whereNull('told_at')
                ->whereIn('role', [HostRole::Must, HostRole::Any])
                ->get()
            as $one
        ) {
            $one->update(['told_at' => CarbonImmutable::now()]);
            event(new ColleagueAsked($one));
        }
    }
}
