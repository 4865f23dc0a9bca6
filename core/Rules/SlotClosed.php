<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\World;

/** The host has closed single slots by hand. */
final readonly class SlotClosed implements Rule
{
    public function __construct(private Spans $closed) {}

    public function against(Span $slot, World $world): ?Reason
    {
        return $this->closed->touches($slot) ? new Reason(Because::SlotClosed, State::Closed) : null;
    }
}
