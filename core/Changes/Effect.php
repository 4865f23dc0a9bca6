<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;
use Recess\Time\Zone;

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

    /** @return list<Shift> how far the proposal moves people, each whom it moves */
    public function shifts(Zone $zone): array
    {
        $shifts = [];
        foreach ($this->left as $left) {
            if ($left->proposed !== null) {
                $shifts[] = Shift::between($left->booking->slot, $left->proposed, $zone);
            }
        }

        return $shifts;
    }
}
