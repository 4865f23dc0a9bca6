<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\World;

/** A rule that says the same of every slot, so that it is asked once. */
interface Standing
{
    /** The reason, or null when this rule has nothing against any slot. */
    public function againstAll(World $world): ?Reason;
}
