<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Span;
use Recess\Time\Zone;

/** One booked meeting, as a calendar entry needs to know it. */
final readonly class Meeting
{
    public function __construct(
        /** One for the life of the booking (RFC 5545, 3.8.4.7). */
        public string $uid,
        /** Rises with every change (RFC 5545, 3.8.7.4). */
        public int $sequence,
        public Span $span,
        public Zone $zone,
        public string $summary,
        public string $location,
        public string $description,
        public Person $host,
        public Person $visitor,
        /** @var list<int> minutes before the start at which a calendar program reminds (RFC 5545, 3.6.6) */
        public array $alarms = [],
        /** Asked for and held, not agreed yet (RFC 5545, 3.8.1.11: TENTATIVE). */
        public bool $tentative = false,
    ) {
    }
}
