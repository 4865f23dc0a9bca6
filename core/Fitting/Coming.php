<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;
use Recess\Time\Zone;

/** Whom a family wants to meet, and when they can come. */
final readonly class Coming
{
    /**
     * @param  list<Wanted>  $wanted  with an id each
     * @param  list<Span>  $windows  a meeting lies inside one of them
     * @param  Zone  $zone  in which dates and being home are read
     */
    public function __construct(
        public array $wanted,
        public array $windows,
        public Between $between,
        public Zone $zone,
    ) {}
}
