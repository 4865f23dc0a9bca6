<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Occasion;
use App\Booking\PassRefused;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Party;

/** A visitor gives a time back before it begins; for some seconds they can take that back (LastChange). */
final class GiveBack
{
    public function __construct(private readonly CancelBooking $cancel) {}

    /** @throws PassRefused when the meeting has begun */
    public function __invoke(Booking $booking, string $note, int $now): void
    {
        Changeable::ahead($booking, $now);
        // Of what was only kept for an address nobody else knows.
        $as = $booking->state === BookingState::Kept ? Occasion::Lapsed : Occasion::Cancelled;
        ($this->cancel)($booking, Ending::by(Party::Visitor, $note, $as)->undoable($now));
    }
}
