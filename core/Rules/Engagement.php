<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** A meeting that somebody has already, and where. */
final readonly class Engagement
{
    public function __construct(
        public Span $span,
        /** What tells one place from another; null where nobody has to walk. */
        public ?string $place = null,
    ) {}
}
