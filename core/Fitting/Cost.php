<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;
use Recess\Time\Zone;

/** What a plan costs a family. */
final readonly class Cost
{
    /**
     * @param  int  $evenings  dates on which they come
     * @param  int  $home  seconds on the clock from midnight to the last meeting's end, all dates together
     * @param  int  $waiting  seconds between first start and last end that are no meeting, all dates together
     */
    public function __construct(public int $evenings, public int $home, public int $waiting) {}

    /** @param  iterable<Span>  $meetings  none overlapping another; the date is that of the start, in the zone */
    public static function of(iterable $meetings, Zone $zone): self
    {
        $first = $last = [];
        $home = $waiting = 0;
        foreach ($meetings as $meeting) {
            $day = $zone->dayAt($meeting->start);
            $first[$day] = min($first[$day] ?? $meeting->start, $meeting->start);
            $last[$day] = max($last[$day] ?? $meeting->end, $meeting->end);
            $waiting -= $meeting->seconds();
        }
        foreach ($last as $day => $end) {
            $home += $zone->readingAt($end) - $day * 86_400;
            $waiting += $end - $first[$day];
        }

        return new self(count($last), $home, $waiting);
    }

    /**
     * @param  list<int>  $values
     * @param  list<Preference>  $order  the values are in
     */
    public static function fromOrder(array $values, array $order): self
    {
        $of = static fn(Preference $preference): int => $values[(int) array_search($preference, $order, true)];

        return new self($of(Preference::Evenings), $of(Preference::Home), $of(Preference::Waiting));
    }

    /**
     * @param  list<Preference>  $order
     * @return list<int> to be compared from the left
     */
    public function inOrder(array $order): array
    {
        return array_map(
            fn(Preference $preference): int => match ($preference) {
                Preference::Evenings => $this->evenings,
                Preference::Home => $this->home,
                Preference::Waiting => $this->waiting,
            },
            $order,
        );
    }
}
