<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Rules\Claims;
use Recess\Time\Span;

/** A booking, as far as an edit of its sheet can touch it. */
final readonly class Booked
{
    public function __construct(
        public int|string $id,
        public Span $slot,
        /** The number of its place. */
        public int $place,
        /** The other bookings of its visitor. */
        public Claims $visitor = new Claims(),
        /** The other bookings about its student. */
        public Claims $student = new Claims(),
        /** Where somebody is met for longer: with the times after its slot. */
        public ?Span $whole = null,
    ) {}

    /** How long the meeting is, in seconds. */
    public function seconds(): int
    {
        return ($this->whole ?? $this->slot)->seconds();
    }

    public function isLonger(): bool
    {
        return $this->seconds() > $this->slot->seconds();
    }
}
