<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;

/** What an edit does to the bookings of its sheet. */
final readonly class Effect
{
    /**
     * @param  list<Booked>  $stays  still on their slot, unchanged
     * @param  list<array{Booked, Span}>  $otherLength  begin when they did and end at another time, with the new slot
     * @param  list<Booked>  $otherPlace  keep their time, but their place is no longer offered
     * @param  list<Left>  $left  without a slot
     */
    public function __construct(
        public array $stays,
        public array $otherLength,
        public array $otherPlace,
        public array $left,
    ) {}

    /** How far the proposal moves people, all together, in minutes. */
    public function minutesMoved(): int
    {
        return array_sum(
            array_map(
                static fn(Left $left): int => $left->proposed === null
                    ? 0
                    : intdiv(abs($left->proposed->start - $left->booking->slot->start), 60),
                $this->left,
            ),
        );
    }
}
