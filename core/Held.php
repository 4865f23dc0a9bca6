<?php

declare(strict_types=1);

namespace Recess;

use Recess\Time\Span;

/** A host's time that somebody has booked, or keeps while they type. */
final readonly class Held
{
    public function __construct(
        public int $host,
        public Span $span,
        /** How many visitors have it. */
        public int $seats = 1,
        /** Whether it is held for the sheet that is judged. */
        public bool $ours = true,
        /** Whether the host is only there alongside whoever is met. */
        public bool $alongside = false,
    ) {}
}
