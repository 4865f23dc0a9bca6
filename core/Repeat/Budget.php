<?php

declare(strict_types=1);

namespace Recess\Repeat;

/** How much work all the rules of one file may make together: the core has no clock, so it counts what it looks at. */
final class Budget
{
    /** @param  int  $left  days, or periods shorter than a day, that may still be looked at */
    public function __construct(private int $left)
    {
    }

    /** @throws RruleNotValid when it is used up */
    public function spend(int $days): void
    {
        $this->left -= $days;
        if ($this->left < 0) {
            throw RruleNotValid::tooMuchWork();
        }
    }
}
