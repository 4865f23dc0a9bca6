<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\MoveBooking;
use App\Booking\PassRefused;
use App\Models\Booking;
use App\Models\Party;

/** A visitor moves a booking before it begins; for some seconds they can take that back (LastChange). */
final class MoveOwn
{
    public function __construct(private readonly MoveBooking $move)
    {
    }

    /**
     * @param  int|null  $host  whom else they are content to meet
     *
     * @throws PassRefused when the meeting has begun, or is only kept for an address that has not answered
     */
    public function __invoke(Booking $booking, int $start, int $now, ?int $host = null): void
    {
        Changeable::ahead($booking, $now);
        Changeable::confirmed($booking);
        ($this->move)($booking, $start, Party::Visitor, '', $now, $host);
    }
}
