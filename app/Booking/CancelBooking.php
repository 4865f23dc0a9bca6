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

    /** Cancelling what is cancelled already changes nothing and tells nobody again. */
    public function __invoke(Booking $booking, Party $by, string $note, bool $declined = false): Booking
    {
        return Contended::transaction(function () use ($booking, $by, $note, $declined): Booking {
            Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student);
            $booking = Booking::query()->findOrFail($booking->id);
            if (! $booking->stands()) {
                return $booking;
            }
            [$hold, $seat] = [$booking->hold_id, $booking->seat];
            $booking->update([
                'state' => $declined ? BookingState::Declined : BookingState::Cancelled,
                'cancelled_by' => $by,
                'cancel_note' => $note,
                'sequence' => $booking->sequence + 1,
                'hold_id' => null,
                'seat' => null,
            ]);
            if ($hold !== null && $seat !== null) {
                ($this->giveUpSeat)($hold, $seat);
            }
            event(new BookingNews($booking, $declined ? Occasion::Declined : Occasion::Cancelled, $by, $note));

            return $booking;
        });
    }
}
