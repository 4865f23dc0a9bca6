<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/** Listed dates: a conference evening, or two or three of them. */
final readonly class OnDates implements Pattern
{
    /** @param  non-empty-list<LocalDate>  $dates in order, each once */
    private function __construct(public array $dates) {}

    public static function of(LocalDate $first, LocalDate ...$more): self
    {
        $byDay = [];
        foreach ([$first, ...$more] as $date) {
            $byDay[$date->day] = $date;
        }
        ksort($byDay);

        return new self(array_values($byDay));
    }

    public function dates(LocalDate $from, LocalDate $before): array
    {
        return array_values(
            array_filter(
                $this->dates,
                static fn(LocalDate $date): bool => $date->day >= $from->day && $date->day < $before->day,
            ),
        );
    }

    public function first(): LocalDate
    {
        return $this->dates[0];
    }

    public function last(): LocalDate
    {
        return $this->dates[count($this->dates) - 1];
    }

    public function endingBefore(LocalDate $date): ?self
    {
        return self::ofAny($this->dates($this->first(), $date));
    }

    public function startingAt(LocalDate $date): ?self
    {
        return self::ofAny($this->dates($date, $this->last()->plusDays(1)));
    }

    /** @param  list<LocalDate>  $dates */
    private static function ofAny(array $dates): ?self
    {
        return $dates === [] ? null : self::of(...$dates);
    }
}
