<?php

declare(strict_types=1);

namespace App\Booking;

use Recess\Time\Span;

/** A seat that is somebody's now, and whose time it takes. */
final readonly class TakenSeat
{
    public function __construct(
        public int $holdId,
        public int $seat,
        public int $staffId,
        /** The whole meeting: of those who are met for longer, with the times after its slot. */
        public Span $span,
    ) {}
}
