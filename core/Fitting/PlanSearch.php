<?php

declare(strict_types=1);

namespace Recess\Fitting;

/**
 * Looks for plans of so many meetings, with given slots for each: the meeting with the fewest slots first, and back as soon
 * as what is left cannot be enough.
 *
 * @internal to the planner
 */
final class PlanSearch
{
    /** How many steps are left. */
    private int $steps = 0;

    private int $needed = 0;

    /** The seconds that the meetings have to last together at least. */
    private int $seconds = 0;

    /** @var \Closure(array<int, int>): ?int */
    private \Closure $found;

    /** @param  \Closure(): bool  $isOver  whether the time is up */
    public function __construct(private readonly PlanTask $task, private readonly \Closure $isOver) {}

    /**
     * @param  list<list<int>>  $slots  by meeting
     * @param  int  $seconds  that the meetings have to last together at least
     * @param  \Closure(array<int, int>): ?int  $found  is given the slot of each meeting; says how many seconds they have to
     *                                               last from now on, or null to end the search
     * @return bool whether all was looked at, so that there are no others
     */
    public function run(array $slots, int $needed, int $steps, int $seconds, \Closure $found): bool
    {
        $this->steps = $steps;
        $this->needed = $needed;
        $this->seconds = $seconds;
        $this->found = $found;

        return $this->go($slots, []) !== null && $this->steps > 0;
    }

    /**
     * @param  array<int, list<int>>  $slots  of the meetings that are open
     * @param  array<int, int>  $placed
     * @return bool|null whether to go on; null where it ended
     */
    private function go(array $slots, array $placed): ?bool
    {
        if (--$this->steps <= 0 || ($this->steps % 32 === 0 && ($this->isOver)())) {
            $this->steps = 0;

            return null;
        }
        $slots = array_filter($slots, static fn(array $of): bool => $of !== []);
        $matched = Columns::match($slots, $this->task->column);
        if (count($placed) + count($matched) < $this->needed || !$this->longEnough($slots, $placed)) {
            return true;
        }
        if ($slots === []) {
            $seconds = ($this->found)($placed);
            $this->seconds = $seconds ?? 0;

            return $seconds === null ? null : true;
        }
        $fewest = 0;
        foreach ($slots as $m => $of) {
            if (!isset($slots[$fewest]) || count($of) < count($slots[$fewest])) {
                $fewest = $m;
            }
        }
        $mine = $slots[$fewest];
        unset($slots[$fewest]);
        // The slot that goes with the others by the rough look is tried first.
        $hint = $matched[$fewest] ?? null;
        if ($hint !== null && $this->task->column[$mine[0]] !== $hint) {
            usort(
                $mine,
                fn(int $a, int $b): int => ($this->task->column[$b] === $hint) <=> ($this->task->column[$a] === $hint),
            );
        }
        foreach ($mine as $s) {
            if ($this->go($this->without($slots, $fewest, $s), $placed + [$fewest => $s]) === null) {
                return null;
            }
        }
        // Without it, as long as enough can be had.
        if (count($placed) + count($slots) >= $this->needed) {
            return $this->go($slots, $placed);
        }

        return true;
    }

    /**
     * @param  array<int, list<int>>  $slots
     * @return array<int, list<int>> those that go with meeting m at slot s
     */
    private function without(array $slots, int $m, int $s): array
    {
        $start = $this->task->start;
        $end = $this->task->end;
        [$from, $until] = [$start[$s], $end[$s]];
        foreach ($slots as $other => $of) {
            $gap = $this->task->gap[$m][$other];
            $left = [];
            foreach ($of as $one) {
                if ($from >= $end[$one] + $gap || $start[$one] >= $until + $gap) {
                    $left[] = $one;
                }
            }
            $slots[$other] = $left;
        }

        return $slots;
    }

    /**
     * @param  array<int, list<int>>  $slots
     * @param  array<int, int>  $placed
     */
    private function longEnough(array $slots, array $placed): bool
    {
        if ($this->seconds === 0) {
            return true;
        }
        $seconds = 0;
        foreach ($placed as $s) {
            $seconds += $this->task->end[$s] - $this->task->start[$s];
        }
        $open = array_intersect_key($this->task->lengths, $slots);
        rsort($open);

        return $seconds + array_sum(array_slice($open, 0, max(0, $this->needed - count($placed)))) >= $this->seconds;
    }
}
