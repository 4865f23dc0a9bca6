<?php

declare(strict_types=1);

namespace Recess\Calendars;

/** How much of a calendar that somebody else wrote is read. What lies beyond is skipped and said, never followed. */
final readonly class Limits
{
    public function __construct(
        public int $bytes = 10_000_000,
        public int $components = 50_000,
        /** Of one entry, from its first on. */
        public int $occurrences = 20_000,
        /** Of all entries together, within the range asked about. */
        public int $spans = 200_000,
        /** From the start of the range asked about. */
        public int $years = 10,
        /** Days, or periods shorter than a day, that the rules of all entries may look at together: a few seconds. */
        public int $work = 4_000_000,
    ) {}
}
