<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Time\Span;

/** Times given to the wishes of a round. */
final readonly class Allotment
{
    /**
     * @param  array<string, Span>  $given  by wish
     * @param  array<string, Why>  $not  by wish
     * @param  int  $bound  proven: no allotment grants more
     * @param  list<string>  $withNone  families that wish for something, and have nothing
     */
    public function __construct(
        public array $given,
        public array $not,
        public int $bound,
        public array $withNone = [],
    ) {}
}
