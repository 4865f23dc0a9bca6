<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;
use Recess\Time\Zone;

/** How far a meeting goes, as people see it: so many days, and so much earlier or later on the clock. */
final readonly class Shift
{
    private const DAY = 1_440;

    /**
     * @param  int  $days  later; below 0 earlier
     * @param  int  $minutes  later on the clock; below 0 earlier
     */
    private function __construct(public int $days, public int $minutes, private int $apart) {}

    public static function between(Span $from, Span $to, Zone $zone): self
    {
        return new self(
            $zone->dayAt($to->start) - $zone->dayAt($from->start),
            $zone->timeAt($to->start)->minute - $zone->timeAt($from->start)->minute,
            intdiv(abs($to->start - $from->start), 60),
        );
    }

    /** In minutes: on another day the same hour is the nearest, not the one that happens to be fewer minutes away. */
    public function distance(): int
    {
        // Around midnight another day is no other day.
        return $this->apart <= intdiv(self::DAY, 2) ? $this->apart : abs($this->days) * self::DAY + abs($this->minutes);
    }
}
