<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** A day that every month has: the 15th, the last, the 2nd Tuesday, the last Friday. */
final readonly class MonthDay
{
    private function __construct(
        /** 1 to 31 or -1 to -31; with a weekday 1 to 5 or -1 to -5. Below 0 counts from the month's end. */
        public int $number,
        public ?Weekday $weekday,
    ) {}

    /** @throws PatternNotValid */
    public static function date(int $day): self
    {
        if ($day === 0 || abs($day) > 31) {
            throw PatternNotValid::monthDay($day);
        }

        return new self($day, null);
    }

    /** @throws PatternNotValid */
    public static function nth(int $nth, Weekday $weekday): self
    {
        if ($nth === 0 || abs($nth) > 5) {
            throw PatternNotValid::nth($nth);
        }

        return new self($nth, $weekday);
    }

    /**
     * The day number in the month that starts at one day number and has so many days; null where it has no such day
     * (RFC 5545, 3.3.10: such dates are left out).
     */
    public function in(int $monthStart, int $length): ?int
    {
        if ($this->weekday === null) {
            $offset = $this->number > 0 ? $this->number - 1 : $length + $this->number;
        } elseif ($this->number > 0) {
            $offset = (($this->weekday->value - LocalDate::weekdayOf($monthStart) + 7) % 7) + 7 * ($this->number - 1);
        } else {
            $last = $monthStart + $length - 1;
            $offset =
                $length - 1 - ((LocalDate::weekdayOf($last) - $this->weekday->value + 7) % 7) + 7 * ($this->number + 1);
        }

        return $offset >= 0 && $offset < $length ? $monthStart + $offset : null;
    }
}
