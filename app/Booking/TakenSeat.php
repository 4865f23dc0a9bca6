<?php

declare(strict_types=1);

namespace App\Booking;

/** A seat that is somebody's now, and whose time it takes. */
final readonly class TakenSeat
{
    public function __construct(
        public int $holdId,
        public int $seat,
        public int $staffId,
    ) {
    }
}
