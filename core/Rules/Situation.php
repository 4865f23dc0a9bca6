<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Spans;

/** What is known of the world when a sheet's slots are judged. */
final readonly class Situation
{
    /**
     * @param  array<int, int>  $seatsTaken  seats already booked, by the start of the slot
     * @param  array<int, int>  $bookedOn  the host's bookings of a date, by day number
     */
    public function __construct(
        /** The instant of judging. */
        public int $now,
        public array $seatsTaken = [],
        /** When the host is elsewhere: other sheets' bookings, their own calendar. */
        public ?Spans $busy = null,
        public array $bookedOn = [],
        /** Of whoever looks, once that is known. */
        public Claims $visitor = new Claims,
        /** Of whom the meeting is about, once that is known. */
        public Claims $student = new Claims,
    ) {
    }

    public static function untouched(int $now): self
    {
        return new self($now);
    }
}
