<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use App\Timetables\Guards;

/** An address has answered: what was kept for it is booked, or asked for. */
final class StandForGood
{
    public function __invoke(Pass $pass): void
    {
        // From where it was asked is of no use any more.
        Booking::query()
            ->where('pass_id', $pass->id)
            ->whereNotNull('origin')
            ->toBase()
            ->update(['origin' => null]);
        foreach ($pass->bookings()->where('state', BookingState::Kept)->get() as $booking) {
            Contended::transaction(static function () use ($booking, $pass): void {
                Guards::sheet($booking->sheet);
                $booking = Booking::query()->findOrFail($booking->id);
                if ($booking->state === BookingState::Kept) {
                    $booking->update([
                        'state' => $booking->held_until === null ? BookingState::Booked : BookingState::Asked,
                        'confirm_until' => null,
                    ]);
                    event(new BookingNews($booking, Occasion::made($booking), Presser::pass($pass)));
                }
            });
        }
    }
}
