<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\BookingNews;
use App\Mail\Occasion;
use App\Models\Guest;
use App\Models\Party;

/** A guest leaves, or is not brought after all; the meeting itself stays. */
final class LetGuestLeave
{
    public function __invoke(Guest $guest): void
    {
        Contended::transaction(static function () use ($guest): void {
            $guest = Guest::query()->lockForUpdate()->findOrFail($guest->id);
            if ($guest->left_at !== null) {
                return;
            }
            $booking = $guest->booking;
            $booking->update(['sequence' => $booking->sequence + 1]);
            // Told while they still count as coming, so that their calendar lets go of it too.
            event(new BookingNews($booking, Occasion::GuestLeft, Party::Visitor));
            $guest->update(['left_at' => now()]);
        });
    }
}
