<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A visitor may book so often on this sheet. */
final readonly class PerVisitor implements Rule
{
    public function __construct(private int $most)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return $situation->visitor->onThisSheet >= $this->most ? new Reason(Because::VisitorHasEnough, State::Closed) : null;
    }
}
