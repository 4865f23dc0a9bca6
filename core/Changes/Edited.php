<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Rules\Travel;
use Recess\Time\Zone;

/** A sheet as it is after an edit. */
final readonly class Edited
{
    /**
     * @param  list<Opening>  $openings  all slots, in order
     * @param  non-empty-array<int, string|null>  $places  those offered, as Sheet has them
     */
    public function __construct(
        public array $openings,
        public array $places,
        public Travel $travel,
        public Zone $zone,
    ) {}
}
