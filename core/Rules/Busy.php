<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** Nobody is in two meetings: whatever else the host does takes out each slot that it touches, and moves none. */
final readonly class Busy implements Rule
{
    public function against(Span $slot, Situation $situation): ?Reason
    {
        return $situation->busy?->touches($slot) === true ? new Reason(Because::HostBusy, State::Busy) : null;
    }
}
