<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** The least time between booking and meeting. */
final readonly class Lead implements Rule
{
    /** @param  int  $minutes of elapsed time; exactly that long before is still in time */
    public function __construct(private int $minutes)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return $slot->start - $situation->now < $this->minutes * 60 ? new Reason(Because::TooSoon, State::TooSoon) : null;
    }
}
