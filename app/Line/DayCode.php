<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Signs;
use App\Models\Pass;
use App\Models\Secret;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What a visitor types at the entrance, where there is no camera: eight signs that open today's line there and nothing else. */
final class DayCode
{
    public static function of(Pass $pass, DayOf $day): string
    {
        // Another address of the pass ends the code too; of the first one it is what paper says since before that was so.
        $of = $pass->generation === 1 ? $pass->id : "$pass->id.$pass->generation";
        $code = Signs::of(Secret::of("here|$of|$day->date"), 8);

        return substr($code, 0, 4) . '-' . substr($code, 4);
    }

    /** The pass of somebody who comes to a school on that day; O and I are read as 0 and 1. */
    public static function passOf(string $typed, DayOf $day, int $school): ?Pass
    {
        $code = Signs::read($typed);
        foreach (strlen($code) === 8 ? self::coming($day, $school) : [] as $pass) {
            if (hash_equals(str_replace('-', '', self::of($pass, $day)), $code)) {
                return $pass;
            }
        }

        return null;
    }

    /** @return Collection<int, Pass> */
    private static function coming(DayOf $day, int $school): Collection
    {
        $bookings = $day->meetings()->whereHas('host', static fn($host) => $host->where('school_id', $school));

        $brought = DB::table('guests')
            ->whereNull('left_at')
            ->whereIn('booking_id', (clone $bookings)->pluck('id'))
            ->pluck('pass_id');

        return Pass::query()
            ->whereKey([...$bookings->pluck('pass_id')->all(), ...$brought->all()])
            ->get();
    }
}
