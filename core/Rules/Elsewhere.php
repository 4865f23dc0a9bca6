<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** Neither visitor nor student is in two meetings, and both can get from one place to the next in time. */
final readonly class Elsewhere implements Rule
{
    /** @param  non-empty-list<string|null>  $places where the meeting can be, one of which is enough; null where nobody has to walk */
    public function __construct(private Travel $travel, private array $places)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        return match (true) {
            $this->reachable($slot, $situation) !== [] => null,
            $this->collides($slot, $situation->visitor, $this->places[0]) => new Reason(Because::VisitorElsewhere, State::Busy),
            default => new Reason(Because::StudentElsewhere, State::Busy),
        };
    }

    /** @return list<int> the positions of the places that both can get to in time */
    public function reachable(Span $slot, Situation $situation): array
    {
        return array_keys(array_filter(
            $this->places,
            fn (?string $place): bool => ! $this->collides($slot, $situation->visitor, $place) && ! $this->collides($slot, $situation->student, $place),
        ));
    }

    private function collides(Span $slot, Claims $claims, ?string $place): bool
    {
        foreach ($claims->engagements as $engagement) {
            $walk = $this->travel->minutes($place, $engagement->place) * 60;
            if ($engagement->span->widened($walk, $walk)->overlaps($slot)) {
                return true;
            }
        }

        return false;
    }
}
