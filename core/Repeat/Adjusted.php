<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\Dates;
use Recess\Time\LocalDate;

/** A repeat without some dates and with some others: "until 28 May, except 22 to 26 February, plus 6 March". */
final readonly class Adjusted implements Pattern
{
    private function __construct(
        public Pattern $pattern,
        public Dates $without,
        /** @var list<LocalDate> in order, each once; what is added is there even where it is also left out */
        public array $plus,
    ) {}

    /** @param  list<LocalDate>  $plus */
    public static function of(Pattern $pattern, Dates $without, array $plus = []): Pattern
    {
        return $without->isEmpty() && $plus === []
            ? $pattern
            : new self($pattern, $without, $plus === [] ? [] : OnDates::of(...$plus)->dates);
    }

    public function dates(LocalDate $from, LocalDate $before): array
    {
        $left = array_filter(
            $this->pattern->dates($from, $before),
            fn(LocalDate $date): bool => !$this->without->holds($date),
        );
        $extra = array_filter(
            $this->plus,
            static fn(LocalDate $date): bool => $date->day >= $from->day && $date->day < $before->day,
        );
        if ($extra === []) {
            return array_values($left);
        }

        return OnDates::of(...array_values($extra), ...array_values($left))->dates;
    }

    public function first(): LocalDate
    {
        $first = $this->pattern->first();

        return $this->plus !== [] && $this->plus[0]->isBefore($first) ? $this->plus[0] : $first;
    }

    public function last(): ?LocalDate
    {
        $last = $this->pattern->last();
        $extra = $this->plus === [] ? null : $this->plus[count($this->plus) - 1];

        return $last !== null && $extra !== null && $extra->isAfter($last) ? $extra : $last;
    }

    public function endingBefore(LocalDate $date): ?Pattern
    {
        return $this->half(
            $this->pattern->endingBefore($date),
            static fn(LocalDate $extra): bool => $extra->isBefore($date),
        );
    }

    public function startingAt(LocalDate $date): ?Pattern
    {
        return $this->half(
            $this->pattern->startingAt($date),
            static fn(LocalDate $extra): bool => !$extra->isBefore($date),
        );
    }

    /** @param  \Closure(LocalDate): bool  $kept */
    private function half(?Pattern $pattern, \Closure $kept): ?Pattern
    {
        $plus = array_values(array_filter($this->plus, $kept));
        if ($pattern === null) {
            return $plus === [] ? null : OnDates::of(...$plus);
        }

        return self::of($pattern, $this->without, $plus);
    }
}
