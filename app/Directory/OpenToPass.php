<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Audience;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\SheetState;
use Illuminate\Database\Eloquent\Collection;

/** The sheets that are for whoever holds a pass, and not for everybody: these stand on no board. */
final class OpenToPass
{
    /** @return Collection<int, Sheet> */
    public static function of(Pass $pass): Collection
    {
        if ($pass->guardian_id === null && $pass->staff_id === null) {
            return new Collection;
        }

        return Sheet::query()->where('audience', $pass->staff_id === null ? Audience::Families : Audience::Staff)->where('state', SheetState::Open)->whereNull('put_away_at')
            ->with('host.school')->orderBy('title')->orderBy('id')->get()->filter(static fn (Sheet $sheet): bool => Admission::of($sheet, $pass)->isAdmitted)->values();
    }
}
