<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Occasion;
use App\Booking\PassRefused;
use App\Booking\Presser;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;

/** A visitor gives a time back before it begins; for some seconds they can take that back (LastChange). */
final class GiveBack
{
    public function __construct(private readonly CancelBooking $cancel) {}

    /**
     * @param  Pass  $pass  who gives it back: the visitor, or a guest who may
     *
     * @throws PassRefused when the meeting has begun
     */
    public function __invoke(Pass $pass, Booking $booking, string $note, int $now): void
    {
        Changeable::ahead($booking, $now);
        // Of what was only kept for an address nobody else knows.
        $as = $booking->state === BookingState::Kept ? Occasion::Lapsed : Occasion::Cancelled;
        ($this->cancel)($booking, Ending::by(Presser::pass($pass), $note, $as)->undoable($now));
    }
}
