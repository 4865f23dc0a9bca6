<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\Contended;
use App\Live\Announce;
use App\Models\Instant;
use App\Models\Sheet;
use App\Models\SlotChange;
use App\Timetables\Guards;
use Illuminate\Database\Eloquent\Builder;

/**
 * Somebody who was away from a round comes after all: the times that were closed for it are open again. Meetings that
 * have gone to other times or colleagues meanwhile stay where they are: their families have been told.
 */
final class ComeAfterAll
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Sheet $sheet, int $now): void
    {
        Contended::transaction(static function () use ($sheet, $now): void {
            Guards::meetings([$sheet], []);
            $opened = self::closed([$sheet->id], $now)->delete();
            $opened > 0 || throw ReplanRefused::because('not_away');
            Announce::sheet($sheet->id);
        });
    }

    /**
     * The times to come at which hosts are away.
     *
     * @param  array<int>  $sheets
     * @return Builder<SlotChange>
     */
    public static function closed(array $sheets, int $now): Builder
    {
        return SlotChange::query()
            ->whereIn('sheet_id', $sheets)
            ->where('away', true)
            ->where('closed', true)
            ->where('starts_at', '>', Instant::column($now));
    }
}
