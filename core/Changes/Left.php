<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;

/** A booking that an edit leaves without a slot. */
final readonly class Left
{
    /** @param  list<Span>  $nearest the nearest free slots to which it could go, the nearest first */
    public function __construct(
        public Booked $booking,
        public array $nearest,
        /** Where it goes in the assignment that moves everybody least; null where nothing is left for it, or only further away than may be proposed. */
        public ?Span $proposed,
    ) {}
}
