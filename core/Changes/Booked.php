<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;

/** A booking, as far as an edit of its sheet can touch it. */
final readonly class Booked
{
    /** @param  list<Span>  $elsewhere when its visitor or student cannot come: their other bookings, with the way there */
    public function __construct(
        public int|string $id,
        public Span $slot,
        public string $place,
        public array $elsewhere = [],
    ) {
    }
}
