<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/** On days of the month, every month or every n months, counted from the month of the first date. */
final readonly class Monthly extends Repeating
{
    /** @param  non-empty-list<MonthDay>  $days */
    protected function __construct(public array $days, public int $everyMonths, LocalDate $first, Ending $ending)
    {
        parent::__construct($first, $ending);
    }

    /**
     * @param  list<MonthDay>  $days
     *
     * @throws PatternNotValid
     */
    public static function on(array $days, LocalDate $first, ?Ending $ending = null, int $everyMonths = 1): self
    {
        if ($days === []) {
            throw PatternNotValid::noMonthDays();
        }
        if ($everyMonths < 1 || $everyMonths > 1000) {
            throw PatternNotValid::interval($everyMonths);
        }

        return new self($days, $everyMonths, $first, $ending ?? Ending::never());
    }

    protected function days(int $from, int $before): array
    {
        [$year, $month] = $this->first->parts();
        $base = $year * 12 + $month - 1;
        [$year, $month] = LocalDate::fromDay($from)->parts();
        $skipped = max(0, intdiv($year * 12 + $month - 1 - $base, $this->everyMonths));

        $days = [];
        for ($index = $base + $skipped * $this->everyMonths; ; $index += $this->everyMonths) {
            if ($index >= 120_000) {
                return $days;
            }
            $start = LocalDate::of(intdiv($index, 12), ($index % 12) + 1, 1)->day;
            if ($start >= $before) {
                return $days;
            }
            array_push($days, ...$this->inMonth($start, $from, $before));
        }
    }

    /** @return list<int> */
    private function inMonth(int $start, int $from, int $before): array
    {
        $length = (int) gmdate('t', $start * 86_400);
        $days = [];
        foreach ($this->days as $monthDay) {
            $day = $monthDay->in($start, $length);
            if ($day !== null && $day >= $from && $day < $before) {
                $days[$day] = $day;
            }
        }
        sort($days);

        return $days;
    }

    protected function with(LocalDate $first, Ending $ending): static
    {
        return new self($this->days, $this->everyMonths, $first, $ending);
    }
}
