<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A rule after which, from some moment on, a slot can no longer be booked. */
interface Ends
{
    /** The last instant at which it has nothing against the slot. */
    public function lastInstant(Span $slot): int;
}
