<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** Booking opens for all slots at one moment. */
final readonly class Opens implements Rule
{
    /** @param  int  $at the first instant at which it is open */
    public function __construct(private int $at)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return $situation->now < $this->at ? new Reason(Because::NotOpenYet, State::NotYetOpen, $this->at) : null;
    }
}
