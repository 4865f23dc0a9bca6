<?php

declare(strict_types=1);

namespace Recess\Calendars;

/** Something in a calendar that was not read, and why. */
final readonly class Skipped
{
    public function __construct(
        /** Of the text, from 1. */
        public int $line,
        public string $what,
        public string $why,
    ) {}
}
