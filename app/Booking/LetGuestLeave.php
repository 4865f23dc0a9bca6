<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Guest;
use App\Models\Instant;
use App\Timetables\Guards;

/** A guest leaves, or is not brought after all; the meeting itself stays. */
final class LetGuestLeave
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Guest $guest, Presser $by, int $now): void
    {
        Contended::transaction(static function () use ($guest, $by, $now): void {
            Guards::sheet($guest->booking->sheet);
            $guest = Guest::query()->findOrFail($guest->id);
            if ($guest->left_at !== null) {
                return;
            }
            $booking = $guest->booking;
            $change = Undoable::made(LastChange::about($booking->id), 'guest left', $now, ['guest' => $guest->id]);
            $booking->update(['sequence' => $booking->sequence + 1]);
            // Told while they still count as coming, so that their calendar lets go of it too.
            event(new BookingNews($booking, Occasion::GuestLeft, $by, change: $change->key, guest: $guest));
            $guest->update(['left_at' => Instant::column($now)]);
        });
    }
}
