<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** Neither visitor nor student is in two meetings, and both can get from one place to the next in time. */
final readonly class Elsewhere implements Rule
{
    /** @param  string|null  $place where this sheet's meetings are; null where nobody has to walk */
    public function __construct(private Travel $travel, private ?string $place)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return match (true) {
            $this->collides($slot, $situation->visitor) => new Reason(Because::VisitorElsewhere, State::Busy),
            $this->collides($slot, $situation->student) => new Reason(Because::StudentElsewhere, State::Busy),
            default => null,
        };
    }

    private function collides(Span $slot, Claims $claims): bool
    {
        foreach ($claims->engagements as $engagement) {
            $walk = $this->travel->minutes($this->place, $engagement->place) * 60;
            if ($engagement->span->widened($walk, $walk)->overlaps($slot)) {
                return true;
            }
        }

        return false;
    }
}
