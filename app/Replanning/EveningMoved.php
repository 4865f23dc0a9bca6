<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\Round;

/** All meetings of a family on an evening are on another date, or by other means. Raised in the transaction that does it. */
final readonly class EveningMoved
{
    /** @param  list<Booking>  $bookings */
    public function __construct(
        public Round $round,
        public Pass $pass,
        public array $bookings,
        public string $word,
        public string $change,
    ) {}
}
