<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;

/** A family's meetings, fitted together. */
final readonly class Plan
{
    /**
     * @param  array<string, Span>  $meetings  by id, in the order of time
     * @param  list<Left>  $left  what does not fit
     * @param  bool  $best  whether it is proven that none is better
     * @param  int  $mostMeetings  no plan holds more
     * @param  Cost  $bound  no plan of $mostMeetings costs less, compared in the order preferred
     */
    public function __construct(
        public array $meetings,
        public array $left,
        public Cost $cost,
        public bool $best,
        public int $mostMeetings,
        public Cost $bound,
    ) {}
}
