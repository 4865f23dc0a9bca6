<?php

declare(strict_types=1);

namespace Demo;

use App\Models\School;
use Recess\Time\LocalDate;

/** A date on which the made-up school is open, whatever the day on which the demo is filled or a bench is run. */
final class SchoolDay
{
    /**
     * The first such date from one on, in steps of so many days.
     *
     * @param  int  $step  days; 7 keeps the day of the week
     * @param  list<int>  $with  days from it on which the school has to be open too
     */
    public static function from(School $school, LocalDate $date, int $step = 1, array $with = []): LocalDate
    {
        $closed = $school->closedDays();
        while (
            array_filter([0, ...$with], static fn(int $days): bool => $closed->holds($date->plusDays($days))) !== []
        ) {
            $date = $date->plusDays($step);
        }

        return $date;
    }

    /** Opens the school on dates on which it would be closed: whoever tries it out today wants to see a day of it. */
    public static function open(School $school, LocalDate ...$dates): void
    {
        $days = $school->closed_days;
        foreach ($dates as $date) {
            $left = [];
            foreach ($days as $range) {
                [$first, $last] = [LocalDate::parse($range['first']), LocalDate::parse($range['last'])];
                if ($date->isBefore($first) || $last->isBefore($date)) {
                    $left[] = $range;

                    continue;
                }
                if ($first->isBefore($date)) {
                    $left[] = ['last' => (string) $date->plusDays(-1)] + $range;
                }
                if ($date->isBefore($last)) {
                    $left[] = ['first' => (string) $date->plusDays(1)] + $range;
                }
            }
            $days = $left;
        }
        if ($days !== $school->closed_days) {
            $school->update(['closed_days' => $days]);
        }
    }
}
