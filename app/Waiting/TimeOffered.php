<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Models\Waiting;
use Recess\Time\Span;

/** A time that came free is kept for somebody who waits for one. Raised in the transaction that keeps it. */
final readonly class TimeOffered
{
    public function __construct(
        public Waiting $waiting,
        /** The key under which it is kept; whoever has it can book the time. */
        public string $key,
        public Span $slot,
        /** The instant until which it is kept. */
        public int $until,
    ) {}
}
