<?php

declare(strict_types=1);

namespace Recess\Repeat;

/** Which readings of a rule are wanted. */
final readonly class Reach
{
    /**
     * @param  int  $start  the reading of DTSTART
     * @param  int  $before  the first reading that is no longer wanted
     * @param  int  $atMost  how many readings, all told
     * @param  int|null  $from  the first reading that is wanted: a rule that is not counted is not followed through the
     *                          years before it
     */
    public function __construct(public int $start, public int $before, public int $atMost, public ?int $from = null) {}
}
