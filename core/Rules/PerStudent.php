<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A student may be booked so often on this sheet. */
final readonly class PerStudent implements Rule
{
    public function __construct(private int $most)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return $situation->student->onThisSheet >= $this->most ? new Reason(Because::StudentHasEnough, State::Closed) : null;
    }
}
