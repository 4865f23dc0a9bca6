<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\Round;
use Illuminate\Database\Eloquent\Collection;

/** A family has been given its times. Raised in the transaction that books them. */
final readonly class FamilyAllotted
{
    /**
     * @param  list<Booking>  $bookings
     * @param  Collection<int, Allotted>  $rows  all that was wished
     */
    public function __construct(
        public Round $round,
        public Pass $pass,
        public array $bookings,
        public Collection $rows,
    ) {}
}
