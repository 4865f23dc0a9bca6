<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/**
 * Expands a recurrence rule into clock readings, in order (RFC 5545, 3.3.10 and the table of its page 44).
 *
 * A reading is a date and clock time as the seconds they would be in UTC; a Zone makes instants of them.
 * Each period of the frequency gives a set of days and a set of times of day; BYSETPOS picks from the product.
 */
final class RruleDates
{
    /** Periods looked at before a rule is called endless: a rule that names no date is found out by this. */
    private const PERIODS = 500_000;

    /** How much dearer a day is of which months, weeks or numbers are asked, and not its weekday alone. */
    private const ALL_LIMITS = 3;

    /** Readings of one period from which BYSETPOS may pick: every minute of a year is half a million. */
    private const SET = 100_000;

    /** @var list<int> seconds of the day, in order */
    private array $times;

    private readonly int $startDay;

    private readonly int $startTime;

    /** The number of the first period that is looked at. */
    private readonly int $first;

    /** Whether no limit but plain days of the week holds days back: the common case, and a quick one. */
    private readonly bool $weekdaysOnly;

    /** @var array<string, list<int>> */
    private array $by;

    /** @var list<array{int, int}> */
    private array $byDay;

    private function __construct(
        private readonly Rrule $rule,
        private readonly int $start,
        private readonly ?Budget $budget,
        ?int $from,
    ) {
        $this->startDay = intdiv($start - ((($start % 86_400) + 86_400) % 86_400), 86_400);
        $this->startTime = $start - $this->startDay * 86_400;
        $this->first = $from === null || $rule->count !== null ? 0 : $this->periodBefore($from);
        $this->by = $rule->by;
        $this->byDay = $rule->byDay;
        $this->fillIn();
        $this->weekdaysOnly =
            array_intersect_key($this->by, ['BYMONTH' => 0, 'BYMONTHDAY' => 0, 'BYYEARDAY' => 0, 'BYWEEKNO' => 0]) ===
                [] && array_filter($this->byDay, static fn(array $day): bool => $day[1] !== 0) === [];
        // Frequencies shorter than a day have times of their own.
        $this->times = in_array($rule->frequency, ['SECONDLY', 'MINUTELY', 'HOURLY'], true) ? [] : $this->timesOfDay();
        $budget?->spend(count($this->times));
    }

    /**
     * @param  bool  $startCounts  whether DTSTART is the first even where the rule does not name it; RFC 5545, 3.8.5.3
     *                             leaves such rules undefined, and writers differ
     * @param  Budget|null  $budget  of all rules of a file
     * @return \Generator<int, int> readings, in order, each once
     *
     * @throws RruleNotValid when the rule has more than that many, or does not come to an end
     */
    public static function of(Rrule $rule, Reach $reach, bool $startCounts = true, ?Budget $budget = null): \Generator
    {
        $start = $reach->start;
        $given = 0;
        if ($startCounts) {
            yield $start;
            if (++$given === $rule->count) {
                return;
            }
        }
        foreach ((new self($rule, $start, $budget, $reach->from))->readings($reach->before) as $reading) {
            if ($reading < $start || ($startCounts && $reading === $start)) {
                continue;
            }
            if ($reading >= $reach->before) {
                return;
            }
            if ($given >= $reach->atMost) {
                throw RruleNotValid::tooLong();
            }
            yield $reading;
            if (++$given === $rule->count) {
                return;
            }
        }
    }

    /** What the rule leaves open is taken from DTSTART. */
    private function fillIn(): void
    {
        [, $month, $day] = LocalDate::fromDay($this->startDay)->parts();
        $dayIsSaid =
            $this->byDay !== [] ||
            array_intersect_key($this->by, ['BYMONTHDAY' => 0, 'BYYEARDAY' => 0, 'BYWEEKNO' => 0]) !== [];
        if ($this->rule->frequency === 'YEARLY' && !$dayIsSaid) {
            $this->by['BYMONTH'] ??= [$month];
            $this->by['BYMONTHDAY'] = [$day];
        } elseif ($this->rule->frequency === 'YEARLY' && isset($this->by['BYWEEKNO']) && $this->byDay === []) {
            $this->byDay = [[LocalDate::weekdayOf($this->startDay), 0]];
        } elseif ($this->rule->frequency === 'MONTHLY' && !$dayIsSaid) {
            $this->by['BYMONTHDAY'] = [$day];
        } elseif ($this->rule->frequency === 'WEEKLY' && !$dayIsSaid) {
            $this->byDay = [[LocalDate::weekdayOf($this->startDay), 0]];
        }
    }

    /** @return list<int> the times of day for frequencies of a day and longer */
    private function timesOfDay(): array
    {
        $times = [];
        foreach ($this->by['BYHOUR'] ?? [intdiv($this->startTime, 3600)] as $hour) {
            foreach ($this->by['BYMINUTE'] ?? [intdiv($this->startTime, 60) % 60] as $minute) {
                foreach ($this->by['BYSECOND'] ?? [$this->startTime % 60] as $second) {
                    $times[] = $hour * 3600 + $minute * 60 + $second;
                }
            }
        }
        $times = array_unique($times);
        sort($times);

        return $times;
    }

    /** @return \Generator<int, int> */
    private function readings(int $before): \Generator
    {
        $positions = $this->by['BYSETPOS'] ?? null;
        foreach ($this->periods($before) as [$days, $times]) {
            if ($positions === null) {
                // One after the other: a day of 86,400 seconds is never there as a whole.
                foreach ($days as $day) {
                    foreach ($times as $time) {
                        $this->budget?->make(1);
                        yield $day * 86_400 + $time;
                    }
                }

                continue;
            }
            // To count from its end, a set has to be there.
            if (count($days) * count($times) > self::SET) {
                throw RruleNotValid::tooMuchWork();
            }
            $this->budget?->make(count($days) * count($times));
            $set = [];
            foreach ($days as $day) {
                foreach ($times as $time) {
                    $set[] = $day * 86_400 + $time;
                }
            }
            $picked = [];
            foreach ($positions as $position) {
                $at = $position > 0 ? $position - 1 : count($set) + $position;
                if (isset($set[$at])) {
                    $picked[$set[$at]] = $set[$at];
                }
            }
            sort($picked);
            yield from $picked;
        }
    }

    /**
     * Each period's days and times, until a period begins too late.
     *
     * @return \Generator<int, array{list<int>, list<int>}>
     *
     * @throws RruleNotValid
     */
    private function periods(int $before): \Generator
    {
        $every = $this->rule->interval;
        $short = ['SECONDLY' => 1, 'MINUTELY' => 60, 'HOURLY' => 3600][$this->rule->frequency] ?? null;
        for ($n = $this->first; $n < $this->first + self::PERIODS; $n++) {
            if ($short !== null) {
                $reading = $this->start - ($this->start % $short) + $n * $every * $short;
                $day = intdiv($reading, 86_400);
                $this->budget?->spend(1);
                yield $reading >= $before
                    ? [[], []]
                    : [$this->fits($day) ? [$day] : [], $this->shortTimes($reading - $day * 86_400, $short)];
                if ($reading >= $before) {
                    return;
                }

                continue;
            }
            $days = $this->daysOf($n * $every);
            if ($days === null || $before <= $days[0] * 86_400) {
                return;
            }
            $looked = $this->daysWithin($days[0], $days[1]);
            // To look at all limits of a day takes some times as long as at its weekday alone.
            $this->budget?->spend(count($looked) * ($this->weekdaysOnly ? 1 : self::ALL_LIMITS));
            yield [array_values(array_filter($looked, $this->fits(...))), $this->times];
        }
        throw RruleNotValid::tooLong();
    }

    /** @return list<int> the days of a period that can fit: of a year, those of the months that are named */
    private function daysWithin(int $first, int $after): array
    {
        if ($this->rule->frequency !== 'YEARLY' || !isset($this->by['BYMONTH']) || isset($this->by['BYWEEKNO'])) {
            return range($first, $after - 1);
        }
        $index = LocalDate::fromDay($first)->parts()[0] * 12;
        $months = $this->by['BYMONTH'];
        sort($months);

        return array_merge(
            ...array_map(
                static fn(int $month): array => range(
                    self::monthStart($index + $month - 1),
                    self::monthStart($index + $month) - 1,
                ),
                $months,
            ),
        );
    }

    /** The number of a period that ends before a reading, one or two before the one in which it lies. */
    private function periodBefore(int $reading): int
    {
        [$year, $month] = LocalDate::fromDay($this->startDay)->parts();
        [$ofYear, $ofMonth] = LocalDate::fromDay(intdiv(max($reading, $this->start), 86_400))->parts();
        $months = ($ofYear - $year) * 12 + $ofMonth - $month;
        $since = max(0, $reading - $this->start);
        $periods = match ($this->rule->frequency) {
            'SECONDLY' => $since,
            'MINUTELY' => intdiv($since, 60),
            'HOURLY' => intdiv($since, 3600),
            'DAILY' => intdiv($since, 86_400),
            'WEEKLY' => intdiv($since, 7 * 86_400),
            'MONTHLY' => $months,
            default => $ofYear - $year,
        };

        return max(0, intdiv($periods, $this->rule->interval) - 2);
    }

    /** @return array{int, int}|null the first day of the n-th period and the day after its last */
    private function daysOf(int $n): ?array
    {
        [$year, $month] = LocalDate::fromDay($this->startDay)->parts();
        if ($this->rule->frequency === 'DAILY') {
            return [$this->startDay + $n, $this->startDay + $n + 1];
        }
        if ($this->rule->frequency === 'WEEKLY') {
            $first =
                $this->startDay - ((LocalDate::weekdayOf($this->startDay) - $this->rule->weekStart + 7) % 7) + $n * 7;

            return [$first, $first + 7];
        }
        $months = $this->rule->frequency === 'MONTHLY' ? $n : $n * 12;
        $index = $year * 12 + ($this->rule->frequency === 'MONTHLY' ? $month - 1 : 0) + $months;
        if ($index >= 119_900) {
            return null;
        }
        $length = $this->rule->frequency === 'MONTHLY' ? 1 : 12;
        if ($this->rule->frequency === 'YEARLY' && isset($this->by['BYWEEKNO'])) {
            // Weeks belong to years otherwise than days do: week 1 may begin in December.
            return [$this->weekOne(intdiv($index, 12)), $this->weekOne(intdiv($index, 12) + 1)];
        }

        return [self::monthStart($index), self::monthStart($index + $length)];
    }

    /** Whether the rule's limits let that day pass. */
    private function fits(int $day): bool
    {
        $by = $this->by;
        if ($this->weekdaysOnly) {
            return $this->byDay === [] || in_array([LocalDate::weekdayOf($day), 0], $this->byDay, true);
        }
        // Most days are held back by their weekday already, and to know it is cheap.
        if ($this->byDay !== [] && !in_array(LocalDate::weekdayOf($day), array_column($this->byDay, 0), true)) {
            return false;
        }
        [$year, $month, $dayOfMonth] = LocalDate::fromDay($day)->parts();
        if (isset($by['BYMONTH']) && !in_array($month, $by['BYMONTH'], true)) {
            return false;
        }
        $index = $year * 12 + $month - 1;
        if (isset($by['BYMONTHDAY'])) {
            $fromEnd = $dayOfMonth - (self::monthStart($index + 1) - self::monthStart($index)) - 1;
            if (!in_array($dayOfMonth, $by['BYMONTHDAY'], true) && !in_array($fromEnd, $by['BYMONTHDAY'], true)) {
                return false;
            }
        }
        $yearStart = self::monthStart($year * 12);
        $yearEnd = self::monthStart($year * 12 + 12);
        if (
            isset($by['BYYEARDAY']) &&
            !in_array($day - $yearStart + 1, $by['BYYEARDAY'], true) &&
            !in_array($day - $yearEnd, $by['BYYEARDAY'], true)
        ) {
            return false;
        }
        if (isset($by['BYWEEKNO']) && !$this->weekFits($day, $year, $by['BYWEEKNO'])) {
            return false;
        }

        return $this->byDay === [] || $this->weekdayFits($day, $index, $yearStart, $yearEnd);
    }

    /** @param  list<int>  $weeks */
    private function weekFits(int $day, int $year, array $weeks): bool
    {
        $first = $this->weekOne($year);
        if ($day < $first) {
            [$first, $next] = [$this->weekOne($year - 1), $first];
        } else {
            $next = $this->weekOne($year + 1);
            if ($day >= $next) {
                [$first, $next] = [$next, $this->weekOne($year + 2)];
            }
        }
        $week = intdiv($day - $first, 7) + 1;

        return in_array($week, $weeks, true) || in_array($week - intdiv($next - $first, 7) - 1, $weeks, true);
    }

    private function weekdayFits(int $day, int $monthIndex, int $yearStart, int $yearEnd): bool
    {
        $weekday = LocalDate::weekdayOf($day);
        // Numbered weekdays are those of the month, or of the year where no month is said.
        $ofYear = $this->rule->frequency === 'YEARLY' && !isset($this->by['BYMONTH']);
        foreach ($this->byDay as [$wanted, $nth]) {
            if ($weekday !== $wanted) {
                continue;
            }
            if ($nth === 0 || !in_array($this->rule->frequency, ['MONTHLY', 'YEARLY'], true)) {
                return true;
            }
            $start = $ofYear ? $yearStart : self::monthStart($monthIndex);
            $end = $ofYear ? $yearEnd : self::monthStart($monthIndex + 1);
            if ($nth === intdiv($day - $start, 7) + 1 || $nth === -(intdiv($end - 1 - $day, 7) + 1)) {
                return true;
            }
        }

        return false;
    }

    /** The first day of week 1: the first week with at least four days in the year (RFC 5545, BYWEEKNO). */
    private function weekOne(int $year): int
    {
        $january4 = LocalDate::of($year, 1, 4)->day;

        return $january4 - ((LocalDate::weekdayOf($january4) - $this->rule->weekStart + 7) % 7);
    }

    /**
     * The times of day in a period shorter than a day, none where the limits do not let it pass.
     *
     * @return list<int>
     */
    private function shortTimes(int $time, int $period): array
    {
        $hour = intdiv($time, 3600);
        $minute = intdiv($time, 60) % 60;
        if (isset($this->by['BYHOUR']) && !in_array($hour, $this->by['BYHOUR'], true)) {
            return [];
        }
        if ($period < 3600 && isset($this->by['BYMINUTE']) && !in_array($minute, $this->by['BYMINUTE'], true)) {
            return [];
        }
        $times = [];
        foreach ($period === 3600 ? $this->by['BYMINUTE'] ?? [intdiv($this->startTime, 60) % 60] : [$minute] as $m) {
            foreach ($period === 1 ? [$time % 60] : $this->by['BYSECOND'] ?? [$this->startTime % 60] as $s) {
                if ($period !== 1 || !isset($this->by['BYSECOND']) || in_array($s, $this->by['BYSECOND'], true)) {
                    $times[] = $hour * 3600 + $m * 60 + $s;
                }
            }
        }
        sort($times);

        return $times;
    }

    /** @param  int  $index the year times 12, and the month from 0 */
    private static function monthStart(int $index): int
    {
        return LocalDate::of(intdiv($index, 12), ($index % 12) + 1, 1)->day;
    }
}
