<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Instant;
use App\Models\Sheet;

/** Takes a sheet off its writer's list, or puts it back. Meanwhile nobody books on it; what is booked stays booked. */
final class PutAway
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Sheet $sheet, bool $away, int $now): Sheet
    {
        $sheet->update(['put_away_at' => $away ? Instant::column($now) : null]);

        return $sheet;
    }
}
