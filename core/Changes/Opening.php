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
        /** @var array<int, string|null>|null the places it can be at, by number; null for all of the sheet's */
        public ?array $places = null,
    ) {}
}
