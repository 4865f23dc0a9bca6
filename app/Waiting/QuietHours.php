<?php

declare(strict_types=1);

namespace App\Waiting;

use Recess\Time\Zone;

/** At night nobody is expected to answer: what they are given time for goes on in the morning. */
final class QuietHours
{
    /** Minutes of the day at which it begins and ends, on the school's clock. */
    private const FROM = 21 * 60;

    private const UNTIL = 7 * 60;

    /**
     * @param  int  $now  seconds since the epoch
     * @param  int  $seconds  of the day, that is not of the night; less than a day
     * @return int the instant at which so much of the day has gone by
     */
    public static function after(int $now, int $seconds, Zone $zone): int
    {
        $date = $zone->dateAt($now);
        $morning = $zone->instant($date, self::UNTIL);
        $begin = max($now, $morning);
        $evening = $zone->instant($date, self::FROM);
        if ($begin + $seconds <= $evening) {
            return $begin + $seconds;
        }
        $left = $seconds - max(0, $evening - $begin);

        return $zone->instant($date->plusDays(1), self::UNTIL) + $left;
    }
}
