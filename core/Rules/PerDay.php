<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\Time\Zone;

/** A host bears so many meetings a day. */
final readonly class PerDay implements Rule
{
    public function __construct(private Zone $zone, private int $most)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        $day = $this->zone->dayAt($slot->start);

        return ($situation->bookedOn[$day] ?? 0) >= $this->most ? new Reason(Because::DayFull, State::Taken) : null;
    }
}
