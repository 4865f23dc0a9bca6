<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\BookingCancelled;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Party;

/** Gives a booking's time back: free again for everybody the instant this returns. */
final class CancelBooking
{
    /** Cancelling what is cancelled already changes nothing and tells nobody again. */
    public function __invoke(Booking $booking, Party $by, string $note): Booking
    {
        return Contended::transaction(static function () use ($booking, $by, $note): Booking {
            // The hold before its bookings, the order in which BookSlot takes them too.
            $hold = Hold::query()->whereKey($booking->hold_id)->lockForUpdate()->first();
            $booking = Booking::query()->lockForUpdate()->findOrFail($booking->id);
            if ($booking->isCancelled()) {
                return $booking;
            }
            $booking->update([
                'state' => BookingState::Cancelled,
                'cancelled_by' => $by,
                'cancel_note' => $note,
                'sequence' => $booking->sequence + 1,
                'hold_id' => null,
                'seat' => null,
            ]);
            if ($hold !== null && $hold->bookings()->doesntExist()) {
                $hold->delete();
            }
            event(new BookingCancelled($booking));

            return $booking;
        });
    }
}
