<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Time\LocalDate;

/** When a repeat is over: on a date, after so many times, or never. */
final readonly class Ending
{
    private function __construct(
        /** The last date that may still be one; null where a count or nothing ends it. */
        public ?LocalDate $until,
        /** How many dates there are in all, counted before any is left out (RFC 5545, 3.3.10). */
        public ?int $times,
    ) {}

    public static function never(): self
    {
        return new self(null, null);
    }

    public static function until(LocalDate $date): self
    {
        return new self($date, null);
    }

    /** @throws PatternNotValid */
    public static function times(int $times): self
    {
        if ($times < 1 || $times > 10_000) {
            throw PatternNotValid::count($times);
        }

        return new self(null, $times);
    }
}
