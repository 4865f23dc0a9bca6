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
     * @param  int  $with  days after it on which the school has to be open too
     */
    public static function from(School $school, LocalDate $date, int $step = 1, int $with = 0): LocalDate
    {
        $closed = $school->closedDays();
        for (; $closed->holds($date) || $closed->holds($date->plusDays($with)); $date = $date->plusDays($step));

        return $date;
    }
}
