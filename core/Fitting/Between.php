<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Rules\Travel;

/** The time that has to lie between two meetings of a family: the way from door to door, and a breather if they need one. */
final readonly class Between
{
    /** @param  int<0, max>  $breather  minutes between any two meetings, besides the way */
    public function __construct(private Travel $travel, private int $breather = 0) {}

    /** @return int<0, max> seconds, the same there and back */
    public function seconds(?string $from, ?string $to): int
    {
        return 60 * ($this->breather + $this->travel->minutes($from, $to));
    }
}
