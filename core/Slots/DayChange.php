<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Time\LocalDate;

/** What is different about one occurrence of a block. */
final readonly class DayChange
{
    private function __construct(
        /** Where it is instead; null when it is closed. */
        public ?LocalDate $date,
        /** Its own hours; null for the usual ones of the date that it was on. */
        public ?Stretches $stretches,
    ) {}

    public static function closed(): self
    {
        return new self(null, null);
    }

    public static function otherHours(LocalDate $date, Stretches $stretches): self
    {
        return new self($date, $stretches);
    }

    public static function movedTo(LocalDate $date, ?Stretches $stretches = null): self
    {
        return new self($date, $stretches);
    }
}
