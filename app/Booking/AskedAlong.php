<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Sheet;

/** Whether the other guardian of a student can ask to come to a meeting that stands. */
final class AskedAlong
{
    public static function on(Sheet $sheet): bool
    {
        return $sheet->rules->whole('guests') > 0 && $sheet->asksForStudent() && !$sheet->host->school->guardians_apart;
    }
}
