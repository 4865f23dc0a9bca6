<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A slot has so many seats; the last booking closes it. Single slots may have seats of their own, "in case somebody doesn't come". */
final readonly class Taken implements Rule
{
    /** @param  array<int, int>  $extra more seats, by the start of the slot */
    public function __construct(private int $seats, private array $extra = [])
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return ($situation->seatsTaken[$slot->start] ?? 0) >= $this->seatsOf($slot) ? new Reason(Because::NoSeat, State::Taken) : null;
    }

    /** How many are left, never below 0. */
    public function left(Span $slot, Situation $situation): int
    {
        return max(0, $this->seatsOf($slot) - ($situation->seatsTaken[$slot->start] ?? 0));
    }

    private function seatsOf(Span $slot): int
    {
        return $this->seats + ($this->extra[$slot->start] ?? 0);
    }
}
