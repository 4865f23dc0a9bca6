<?php

declare(strict_types=1);

namespace Recess\Time;

/** Dates from one to another, both included: a holiday, a term. */
final readonly class DateRange implements \Stringable
{
    private function __construct(public LocalDate $first, public LocalDate $last) {}

    /** @throws TimeNotValid when the last date is before the first */
    public static function of(LocalDate $first, LocalDate $last): self
    {
        if ($last->isBefore($first)) {
            throw TimeNotValid::rangeEndsFirst($first, $last);
        }

        return new self($first, $last);
    }

    public static function day(LocalDate $date): self
    {
        return new self($date, $date);
    }

    public function holds(LocalDate $date): bool
    {
        return $this->first->day <= $date->day && $date->day <= $this->last->day;
    }

    /** @return list<LocalDate> */
    public function dates(): array
    {
        return array_map(LocalDate::fromDay(...), range($this->first->day, $this->last->day));
    }

    public function __toString(): string
    {
        return $this->first->equals($this->last) ? (string) $this->first : "$this->first..$this->last";
    }
}
