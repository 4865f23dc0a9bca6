<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Party;
use App\Timetables\Guards;

/** Gives a booking's time back: free again for everybody the instant this returns. */
final class CancelBooking
{
    public function __construct(private readonly GiveUpSeat $giveUpSeat)
    {
    }

    /**
     * Cancelling what is cancelled already changes nothing and tells nobody again.
     *
     * @param  int|null  $undoFrom  the instant from which it can be taken back for some seconds; null when it cannot
     */
    public function __invoke(Booking $booking, Party $by, string $note, Occasion $as = Occasion::Cancelled, ?int $undoFrom = null): Booking
    {
        return Contended::transaction(function () use ($booking, $by, $note, $as, $undoFrom): Booking {
            Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student);
            $booking = Booking::query()->findOrFail($booking->id);
            if (! $booking->stands()) {
                return $booking;
            }
            $change = $undoFrom === null ? null : LastChange::made('given back', $undoFrom, ['state' => $booking->state->value, 'spot' => Spot::of($booking)->toArray()]);
            $this->giveUpSeat->ofBooking($booking);
            $booking->update([
                'state' => $as === Occasion::Declined ? BookingState::Declined : BookingState::Cancelled,
                'cancelled_by' => $by,
                'cancel_note' => $note,
                'sequence' => $booking->sequence + 1,
                'undo' => $change?->toArray(),
            ]);
            event(new BookingNews($booking, $as, $by, $note, change: $change?->key));

            return $booking;
        });
    }
}
