<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Party;
use App\Timetables\Guards;

/** Gives a booking's time back: free again for everybody the instant this returns. The one way in which a meeting ends. */
final class CancelBooking
{
    public function __construct(private readonly GiveUpSeat $giveUpSeat) {}

    /** Cancelling what is cancelled already changes nothing and tells nobody again. */
    public function __invoke(Booking $booking, Ending $how): Booking
    {
        return Contended::transaction(function () use ($booking, $how): Booking {
            Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student, $booking->language);
            $booking = Booking::query()->findOrFail($booking->id);
            if (!$booking->stands()) {
                return $booking;
            }
            $change =
                $how->undoFrom === null
                    ? null
                    : Undoable::made(LastChange::about($booking->id), 'given back', $how->undoFrom, [
                        'state' => $booking->state->value,
                        'spot' => Spot::of($booking)->toArray(),
                        'by' => $how->by->side === Party::Visitor ? '' : LastChange::BY_STAFF,
                    ]);
            $this->giveUpSeat->ofBooking($booking);
            $booking->update([
                'state' => $how->as === Occasion::Declined ? BookingState::Declined : BookingState::Cancelled,
                'cancelled_by' => $how->by->side,
                'cancelled_by_id' => $how->by->id(),
                'cancel_note' => $how->note,
                'sequence' => $booking->sequence + 1,
            ]);
            event(
                new BookingNews(
                    $booking,
                    $how->as,
                    $how->by,
                    $how->note,
                    change: $change->key ?? $how->change,
                    told: $how->told,
                ),
            );

            return $booking;
        });
    }
}
