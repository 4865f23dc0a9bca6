<?php

declare(strict_types=1);

namespace App\Booking;

/** The calendar entry of what was asked for, and is a meeting now: the same entry in calendars, one change later (RFC 5546, 2.1.4). */
final readonly class AgreedEntry
{
    public function __construct(
        public string $uid,
        public int $sequence,
        /** The host's, with their yes. */
        public string $word,
    ) {}
}
