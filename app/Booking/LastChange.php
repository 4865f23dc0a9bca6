<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;

/** The last change of a booking, while it can be taken back, and by whom. */
final class LastChange
{
    /** What staff have done, and a visitor does not take back. */
    public const BY_STAFF = 'staff';

    public static function about(int $booking): string
    {
        return "booking|$booking";
    }

    public static function of(Booking $booking, int $now): ?Undoable
    {
        return Undoable::last(self::about($booking->id), $now);
    }

    public static function isByStaff(Undoable $change): bool
    {
        return ($change->facts['by'] ?? null) === self::BY_STAFF;
    }

    /** Whether whoever holds the pass may take it back: who may change the booking, and a guest who has left it. */
    public static function isFor(Undoable $change, Booking $booking, Pass $pass): bool
    {
        return !self::isByStaff($change) &&
            ($booking->isChangedBy($pass) ||
                ($change->what === 'guest left' &&
                    $booking->guests->contains(
                        static fn(Guest $guest): bool => $guest->id === $change->whole('guest') &&
                            $guest->pass_id === $pass->id,
                    )));
    }
}
