<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\BookingState;
use App\Models\Party;
use App\Models\Pass;

/**
 * What a family books one after the other is one sitting, and its letter one: it goes out once nothing more was booked
 * or moved for some quiet minutes, and says all of it as it stands then.
 */
final class Sitting
{
    /** Seconds before the meeting within which nobody waits for a letter. */
    private const SOON = 3600;

    /** Seconds without a press after which the letter is written. */
    public static function quiet(): int
    {
        return (int) config('recess.sitting_quiet');
    }

    /**
     * Whether a new booking's letter to its visitor, whose address has answered, waits for what else they book. An address
     * that has not hears of each at once: the first letter asks it to answer.
     *
     * @param  int  $start  of the meeting
     * @param  int  $now  seconds since the epoch
     */
    public static function gathers(BookingWish $wish, Pass $pass, BookingState $state, int $start, int $now): bool
    {
        return self::quiet() > 0 &&
            $wish->told === Told::Each &&
            $wish->by === Party::Visitor &&
            $wish->entry === null &&
            $state === BookingState::Booked &&
            $pass->email !== null &&
            $start > $now + self::SOON;
    }
}
