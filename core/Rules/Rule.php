<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** One reason for which a slot may not be had. A new rule is a new class and a line in the list that uses it. */
interface Rule
{
    /** The reason, or null when this rule has nothing against the slot. */
    public function against(Span $slot, Situation $situation): ?Reason;
}
