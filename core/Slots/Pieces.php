<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Time\Span;

/** What cutting one stretch gave. */
final readonly class Pieces
{
    /** @param  list<Span>  $slots in order */
    public function __construct(
        public Span $stretch,
        public array $slots,
        /** Seconds between the end of the last slot and the end of the stretch. */
        public int $leftOver,
    ) {}
}
