<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;

/** A slot after an edit, and how many bookings may be on it. */
final readonly class Opening
{
    public function __construct(
        public Span $slot,
        /** How many that are there already may stay. */
        public int $keeps,
        /** How many may come, those that stay counted in. */
        public int $takes,
    ) {
    }
}
