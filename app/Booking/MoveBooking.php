<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Timetables\Asking;
use App\Timetables\SheetAtHand;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Moves a booking to another slot of its sheet. Place and host stay; a visitor is asked before they meet somebody else. Whoever
 * cannot have the new time hears why, and what is free instead.
 */
final class MoveBooking
{
    public function __construct(private readonly Relocate $relocate) {}

    /**
     * @param  int  $start  the instant at which the new slot begins
     * @param  int|null  $host  whom else it may be with
     *
     * @throws SlotGone when it cannot be had; the booking is where it was
     * @throws OtherHost when it can be had with somebody else alone
     */
    public function __invoke(Booking $booking, int $start, Relocation $how, ?int $host = null): Booking
    {
        if ($booking->span()->start === $start && ($host === null || $host === $booking->staff_id)) {
            return $booking;
        }
        // Of staff it is asked where there is a choice; where the sheet has none, whoever holds it now may go on.
        $isKept = $how->by === Claimant::Visitor || $booking->sheet->canChooseHost();
        try {
            return ($this->relocate)(
                [Destination::slot($booking, $start, host: $host ?? ($isKept ? $booking->staff_id : null))],
                $how,
            )[0];
        } catch (UniqueConstraintViolationException | NoSeatLeft) {
            throw SlotGone::of(SheetAtHand::held($booking->sheet), $start, $how->now, Asking::moving($booking), $host);
        }
    }
}
