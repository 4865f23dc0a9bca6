<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Fitting\Between;
use Recess\Time\Span;
use Recess\Time\Zone;

/** A round whose times are to be given: who can be met, who wishes to meet whom, and what lies between two meetings. */
final readonly class Evenings
{
    /**
     * @param  list<Host>  $hosts
     * @param  list<Family>  $families  whose wishes are for these hosts
     * @param  array<string, list<list<Span>>>  $interpreters  by language: when each of them is free
     */
    public function __construct(
        public array $hosts,
        public array $families,
        public Between $between,
        public Zone $zone,
        public array $interpreters = [],
    ) {}
}
