<?php

declare(strict_types=1);

namespace App\Booking;

use App\Timetables\Asking;

/** That somebody asks for a time: who they are, with what right, and when. */
final readonly class Claim
{
    public function __construct(
        public Asking $who,
        public Claimant $by,
        /** Seconds since the epoch. */
        public int $now,
    ) {}
}
