<?php

declare(strict_types=1);

namespace Recess\Time;

/** A set of dates, kept as ranges: a school's closed days, what a block leaves out. */
final readonly class Dates
{
    /** @param  list<DateRange>  $ranges in order, apart from one another */
    private function __construct(public array $ranges) {}

    public static function none(): self
    {
        return new self([]);
    }

    public static function of(DateRange ...$ranges): self
    {
        usort($ranges, static fn(DateRange $a, DateRange $b): int => $a->first->day <=> $b->first->day);
        $joined = [];
        foreach ($ranges as $range) {
            $last = $joined === [] ? null : $joined[count($joined) - 1];
            if ($last !== null && $range->first->day <= $last->last->day + 1) {
                $joined[count($joined) - 1] = DateRange::of(
                    $last->first,
                    $range->last->isAfter($last->last) ? $range->last : $last->last,
                );
            } else {
                $joined[] = $range;
            }
        }

        return new self($joined);
    }

    public function holds(LocalDate $date): bool
    {
        foreach ($this->ranges as $range) {
            if ($date->day <= $range->last->day) {
                return $date->day >= $range->first->day;
            }
        }

        return false;
    }

    public function with(self $other): self
    {
        return self::of(...$this->ranges, ...$other->ranges);
    }

    /** @return array<int, true> by day number, for looking up thousands of dates */
    public function days(): array
    {
        $days = [];
        foreach ($this->ranges as $range) {
            for ($day = $range->first->day; $day <= $range->last->day; $day++) {
                $days[$day] = true;
            }
        }

        return $days;
    }

    public function isEmpty(): bool
    {
        return $this->ranges === [];
    }
}
