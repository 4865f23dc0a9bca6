<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\Span;
use Recess\World;

/** Neither visitor nor student is in two meetings, and both can get from one place to the next in time. */
final readonly class Elsewhere implements Rule
{
    /**
     * @param  non-empty-array<int, string|null>  $places  where the meeting can be, by number, one of which is enough; null where nobody has to walk
     * @param  Sheet|null  $sheet  where places differ from time to time
     */
    public function __construct(private Travel $travel, private array $places, private ?Sheet $sheet = null) {}

    /** @return array<int, string|null> */
    private function placesAt(Span $slot): array
    {
        return $this->sheet === null
            ? $this->places
            : array_intersect_key($this->places, $this->sheet->placesAt($slot));
    }

    public function against(Span $slot, World $world): ?Reason
    {
        $visitor = $world->asker->visitor;
        $student = $world->asker->student;

        $places = $this->placesAt($slot);

        return match (true) {
            $places === [] => new Reason(Because::NotAtPlace, State::Busy),
            $visitor->engagements === [] && $student->engagements === [] => null,
            $this->reachable($slot, $visitor, $student) !== [] => null,
            $this->collides($slot, $visitor, $places[array_key_first($places)]) => new Reason(
                Because::VisitorElsewhere,
                State::Busy,
            ),
            default => new Reason(Because::StudentElsewhere, State::Busy),
        };
    }

    /** @return list<int> the numbers of the places that both can get to in time */
    public function reachable(Span $slot, Claims $visitor, Claims $student): array
    {
        return array_keys(
            array_filter(
                $this->placesAt($slot),
                fn(?string $place): bool => !$this->collides($slot, $visitor, $place) &&
                    !$this->collides($slot, $student, $place),
            ),
        );
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
