<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Hold;
use App\Models\Instant;
use App\Models\Sheet;
use App\Timetables\Interpreters;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Takes the time of one who interprets along with a hold, which gives it back too. To be called inside its transaction: the
 * database holds nobody twice.
 */
final class HoldInterpreter
{
    /**
     * @param  int|null  $rather  who interprets there so far
     * @return int who it is
     *
     * @throws NoInterpreter when all are in meetings
     */
    public static function along(Sheet $sheet, string $language, TakenSeat $seat, ?int $rather = null): int
    {
        $who = Interpreters::at($sheet, $language);
        usort($who, static fn(int $a, int $b): int => ($b === $rather) <=> ($a === $rather));
        foreach ($who as $staff) {
            try {
                Hold::query()->create([
                    'staff_id' => $staff,
                    'sheet_id' => $sheet->id,
                    'starts_at' => Instant::column($seat->span->start),
                    'ends_at' => Instant::column($seat->span->end),
                    'with_hold_id' => $seat->holdId,
                ]);

                return $staff;
            } catch (UniqueConstraintViolationException) {
                // In another meeting then: the next one.
            }
        }
        throw new NoInterpreter();
    }
}
