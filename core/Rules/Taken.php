<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A slot has so many seats; the last booking closes it. */
final readonly class Taken implements Rule
{
    public function __construct(private int $seats)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return ($situation->seatsTaken[$slot->start] ?? 0) >= $this->seats ? new Reason(State::Taken) : null;
    }
}
