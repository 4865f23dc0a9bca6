<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;

/** Raised for each whose meeting probably begins later than planned by enough to matter. */
final readonly class HostRunsLate
{
    /**
     * @param  int  $late  seconds, rounded to five minutes
     * @param  int  $about  the instant at which it probably begins
     */
    public function __construct(public Booking $booking, public int $late, public int $about) {}
}
