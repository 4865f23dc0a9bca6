<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\Round;

/** A family has booked its plan. Raised in the transaction that does it. */
final readonly class PlanKept
{
    /** @param  non-empty-list<Booking>  $bookings */
    public function __construct(
        public Round $round,
        public Pass $pass,
        public array $bookings,
        /** So many of them stood before, at another time. */
        public int $moved = 0,
    ) {}
}
