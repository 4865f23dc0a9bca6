<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;

/** A meeting that is not in the plan, and why. */
final readonly class Left
{
    /**
     * @param  list<string>  $with  the meetings of the plan that stand where it could be
     * @param  Span|null  $otherwise  the free time nearest to the windows that goes with the plan, if they could come then
     */
    public function __construct(
        public string $id,
        public Why $why,
        public array $with = [],
        public ?Span $otherwise = null,
    ) {}
}
