<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\World;

/**
 * One reason for which a slot may not be had.
 *
 * A rule that a host can state is declared where it is: Declared says its fields, Rulebook lists it.
 */
interface Rule
{
    /** The reason, or null when this rule has nothing against the slot. */
    public function against(Span $slot, World $world): ?Reason;
}
