<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Time\Span;

/** Slots of one host that follow one another, taken for one longer meeting. */
final class InARow
{
    /**
     * What is as long as a slot itself is a break, and no meeting goes over it; less is the gap between two.
     *
     * @param  list<Span>  $slots  in order
     * @param  int  $first  where in them it begins
     * @param  int  $times  how many
     * @return Span|null from the first's start to the last's end; null where no such many follow one another
     */
    public static function from(array $slots, int $first, int $times): ?Span
    {
        for ($i = $first + 1; $i < $first + $times; $i++) {
            if (!isset($slots[$i]) || $slots[$i]->start - $slots[$i - 1]->end >= $slots[$i - 1]->seconds()) {
                return null;
            }
        }

        return Span::of($slots[$first]->start, $slots[$first + $times - 1]->end);
    }
}
