<?php

declare(strict_types=1);

namespace App\Models;

use Recess\Rules\Verdict;

/** The two sides of a booking; either may give it up. */
enum Party: string
{
    case Visitor = 'visitor';
    case Host = 'host';
    case Office = 'office';

    /** Whether they can have a slot of which that is said: staff are not bound by what they ask of visitors. */
    public function mayHave(Verdict $verdict): bool
    {
        return $this === self::Visitor ? $verdict->isFree() : $verdict->hostMayPass();
    }
}
