<?php

declare(strict_types=1);

namespace Recess\Repeat;

/**
 * How much work all the rules of one file may make together: the core has no clock, so it counts what it looks at and, ten
 * times as dear, what it makes. Zones and entries of a file share one.
 */
final class Budget
{
    /** What a reading, a time or an occurrence that is made costs beside a day that is only looked at. */
    private const MADE = 10;

    /** @param  int  $left  days, or periods shorter than a day, that may still be looked at */
    public function __construct(private int $left) {}

    /** @throws RruleNotValid when it is used up */
    public function spend(int $days): void
    {
        if ($days === 0) {
            return;
        }
        // Once it is used up it stays so, whatever is asked for next: an overflow would fill it again.
        $this->left = $this->left < 0 ? -1 : $this->left - $days;
        if ($this->left < 0) {
            throw RruleNotValid::tooMuchWork();
        }
    }

    /** @throws RruleNotValid when it is used up */
    public function make(int $many): void
    {
        $this->spend(min($many, intdiv(PHP_INT_MAX, 2 * self::MADE)) * self::MADE);
    }
}
