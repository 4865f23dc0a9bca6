<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** On days of the week, every week or every n weeks, counted from the week of the first date. Weeks start on Monday. */
final readonly class Weekly extends Repeating
{
    /** @param  non-empty-list<Weekday>  $days in order, each once */
    protected function __construct(public array $days, public int $everyWeeks, LocalDate $first, Ending $ending)
    {
        parent::__construct($first, $ending);
    }

    /**
     * @param  list<Weekday>  $days
     *
     * @throws PatternNotValid
     */
    public static function on(array $days, LocalDate $first, ?Ending $ending = null, int $everyWeeks = 1): self
    {
        $byNumber = [];
        foreach ($days as $day) {
            $byNumber[$day->value] = $day;
        }
        ksort($byNumber);
        if ($byNumber === []) {
            throw PatternNotValid::noDays();
        }
        if ($everyWeeks < 1 || $everyWeeks > 1000) {
            throw PatternNotValid::interval($everyWeeks);
        }

        return new self(array_values($byNumber), $everyWeeks, $first, $ending ?? Ending::never());
    }

    protected function days(int $from, int $before): array
    {
        $monday = $this->first->day - LocalDate::weekdayOf($this->first->day) + 1;
        $step = 7 * $this->everyWeeks;
        $offsets = array_map(static fn(Weekday $day): int => $day->value - 1, $this->days);

        $days = [];
        for ($week = $monday + intdiv(max(0, $from - $monday), $step) * $step; $week < $before; $week += $step) {
            foreach ($offsets as $offset) {
                $day = $week + $offset;
                if ($day >= $from && $day < $before) {
                    $days[] = $day;
                }
            }
        }

        return $days;
    }

    protected function with(LocalDate $first, Ending $ending): static
    {
        return new self($this->days, $this->everyWeeks, $first, $ending);
    }
}
