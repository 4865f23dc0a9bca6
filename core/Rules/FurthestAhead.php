<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** No earlier than so many days before the meeting. */
final readonly class FurthestAhead implements Rule
{
    /** @param  int  $days of 24 hours; exactly that long before is already in time */
    public function __construct(private int $days)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        $opens = $slot->start - $this->days * 86_400;

        return $situation->now < $opens ? new Reason(Because::TooFarAhead, State::NotYetOpen, $opens) : null;
    }
}
