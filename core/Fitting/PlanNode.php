<?php

declare(strict_types=1);

namespace Recess\Fitting;

/**
 * A part of all plans: on which days the family comes, from when at the earliest and latest, until when. Split until each
 * of these is one instant.
 *
 * @internal to the planner
 */
final readonly class PlanNode
{
    /**
     * @param  array<int, bool>  $used  by day; missing where it is open
     * @param  list<array{int, int}>  $from  by day: the first start lies between these of PlanTask's starts
     * @param  list<array{int, int}>  $until  by day: the last end lies between these of its ends
     * @param  int  $most  no plan of this part holds more meetings
     */
    public function __construct(public array $used, public array $from, public array $until, public int $most) {}

    public static function all(PlanTask $task): self
    {
        $whole = static fn(array $instants): array => [0, count($instants) - 1];

        return new self([], array_map($whole, $task->starts), array_map($whole, $task->ends), count($task->slotsOf));
    }

    /** @return list<list<int>> the slots of each meeting that this part allows */
    public function slots(PlanTask $task): array
    {
        $from = $until = [];
        foreach ($task->starts as $d => $starts) {
            $open = $this->used[$d] ?? true;
            $from[] = $open ? $starts[$this->from[$d][0]] : PHP_INT_MAX;
            $until[] = $task->ends[$d][$this->until[$d][1]];
        }
        $allowed = [];
        foreach ($task->slotsOf as $slots) {
            $here = [];
            foreach ($slots as $s) {
                $d = $task->day[$s];
                if ($task->start[$s] >= $from[$d] && $task->end[$s] <= $until[$d]) {
                    $here[] = $s;
                }
            }
            $allowed[] = $here;
        }

        return $allowed;
    }

    /** No plan of this part that holds so many meetings costs less. */
    public function least(PlanTask $task): Cost
    {
        $days = array_keys($this->used, true, true);
        $home = array_map(fn(int $d): int => $task->home($d, $task->ends[$d][$this->until[$d][0]]), $days);
        $waits = $task->waits($this->most, $this->daysOpen($task));

        return new Cost(
            count($days),
            array_sum($home),
            max($waits ?? 0, $this->span($task) - $task->longest($this->most)),
        );
    }

    private function daysOpen(PlanTask $task): int
    {
        return count($task->starts) - count(array_keys($this->used, false, true));
    }

    /** No plan of this part holds more meetings than fit between when they come and go. */
    public function fits(PlanTask $task, int $most): int
    {
        $room = 0;
        foreach ($task->starts as $d => $starts) {
            if ($this->used[$d] ?? true) {
                $room += max(0, $task->ends[$d][$this->until[$d][1]] - $starts[$this->from[$d][0]]);
            }
        }
        while (
            $most > 0 &&
            (($waits = $task->waits($most, $this->daysOpen($task))) === null || $task->shortest($most) + $waits > $room)
        ) {
            $most--;
        }

        return $most;
    }

    /** The seconds from first start to last end, all days together, are no fewer in any plan of this part. */
    public function span(PlanTask $task): int
    {
        return array_sum(
            array_map(
                fn(int $d): int => max(0, $task->ends[$d][$this->until[$d][0]] - $task->starts[$d][$this->from[$d][1]]),
                array_keys($this->used, true, true),
            ),
        );
    }

    /**
     * Two parts that together are this one, or none where nothing is open any more.
     *
     * @param  list<Preference>  $order
     * @return list<self>
     */
    public function split(PlanTask $task, array $order): array
    {
        foreach (array_keys($task->starts) as $d) {
            if (!isset($this->used[$d])) {
                return array_map(
                    fn(bool $used): self => new self(
                        $this->used + [$d => $used],
                        $this->from,
                        $this->until,
                        $this->most,
                    ),
                    [true, false],
                );
            }
        }
        $homeFirst = array_search(Preference::Home, $order, true) < array_search(Preference::Waiting, $order, true);
        $days = array_keys($this->used, true, true);
        [$until, $from] = [self::widest($this->until, $days), self::widest($this->from, $days)];
        if ($until[0] > 0 && ($homeFirst || $until[0] >= $from[0])) {
            return array_map(
                fn(array $ranges): self => new self($this->used, $this->from, $ranges, $this->most),
                self::halves($this->until, $until[1]),
            );
        }

        if ($from[0] === 0) {
            return [];
        }

        return array_map(
            fn(array $ranges): self => new self($this->used, $ranges, $this->until, $this->most),
            self::halves($this->from, $from[1]),
        );
    }

    /**
     * @param  list<array{int, int}>  $ranges
     * @param  list<int>  $days
     * @return array{int, int} how wide, and on which day
     */
    private static function widest(array $ranges, array $days): array
    {
        $widest = [0, 0];
        foreach ($days as $d) {
            $widest = max($widest, [$ranges[$d][1] - $ranges[$d][0], $d]);
        }

        return $widest;
    }

    /**
     * @param  list<array{int, int}>  $ranges
     * @return list<list<array{int, int}>>
     */
    private static function halves(array $ranges, int $day): array
    {
        [$low, $high] = $ranges[$day];
        $middle = intdiv($low + $high, 2);

        return array_map(static fn(array $half): array => array_values(array_replace($ranges, [$day => $half])), [
            [$low, $middle],
            [$middle + 1, $high],
        ]);
    }
}
