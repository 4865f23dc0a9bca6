<?php

declare(strict_types=1);

namespace Recess\Time;

/**
 * PHP looks through all values again and again for such as hold only each other, the more often the more there are. Among
 * thousands of slots and verdicts, none of which points back, it never finds any and takes half of the time.
 */
final class Heap
{
    /**
     * @template T
     *
     * @param  \Closure(): T  $work  makes many small values without circles
     * @return T
     */
    public static function calm(\Closure $work): mixed
    {
        $was = gc_enabled();
        gc_disable();
        try {
            return $work();
        } finally {
            $was && gc_enable();
        }
    }
}
