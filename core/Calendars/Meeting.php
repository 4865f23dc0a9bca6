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
        /** To whom answers go, where that is not the host (RFC 5545, 3.8.4.3). */
        public ?Person $organizer = null,
        /** Who is asked to come, where that is not the visitor (RFC 5545, 3.8.4.1). */
        public ?Person $attendee = null,
        /** Whether they are asked for an answer; who has booked has said yes by that. */
        public bool $asks = false,
    ) {}

    public function organizer(): Person
    {
        return $this->organizer ?? $this->host;
    }

    public function attendee(): Person
    {
        return $this->attendee ?? $this->visitor;
    }
}
