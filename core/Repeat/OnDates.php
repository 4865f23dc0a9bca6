<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/** Listed dates: a conference evening, or two or three of them. */
final readonly class OnDates implements Pattern
{
    /** @param  non-empty-list<LocalDate>  $dates in order, each once */
    private function __construct(public array $dates)
    {
    }

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
        return array_values(array_filter(
            $this->dates,
            static fn (LocalDate $date): bool => $date->day >= $from->day && $date->day < $before->day,
        ));
    }
}
