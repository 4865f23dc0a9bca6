<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\Round;

/** A family has cancelled all that it had of a round. Raised in the transaction that does it. */
final readonly class PlanGivenBack
{
    /** @param  non-empty-list<Booking>  $bookings */
    public function __construct(public Round $round, public Pass $pass, public array $bookings, public string $word) {}
}
