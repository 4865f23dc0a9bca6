<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** The days on which a school works. */
final readonly class WorkingDays
{
    /** @param  list<Weekday>  $week */
    public function __construct(
        private Dates $closedDays,
        private array $week = [
            Weekday::Monday,
            Weekday::Tuesday,
            Weekday::Wednesday,
            Weekday::Thursday,
            Weekday::Friday,
        ],
    ) {}

    public function isWorkingDay(LocalDate $date): bool
    {
        return in_array($date->weekday(), $this->week, true) && !$this->closedDays->holds($date);
    }
}
