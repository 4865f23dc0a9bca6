<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Fitting\Columns;

/**
 * What any allotment can grant at most: what remains true when families may be in two meetings at once as long as they
 * are in no more than fit one after the other. A flow from families through wishes and slots to the hosts' dates.
 *
 * @internal to the allotter
 */
final class UpperBound
{
    private const SOURCE = 0;

    private const SINK = 1;

    private const FAMILIES = 2;

    /** @var list<int> by family: so many of its wishes fit one after the other */
    private readonly array $fit;

    private function __construct(private readonly AllotTask $task)
    {
        $this->fit = array_map(fn(array $wishes): int => self::fitting($task, $wishes), $task->wishesOf);
    }

    /**
     * @return array{list<int>, int} by level: no allotment in which as many families as can be have something grants
     *                               more of the wishes up to that level; the last is true of every allotment. And how
     *                               many families can have something at most, when as much as can be is granted of
     *                               what is asked.
     */
    public static function of(AllotTask $task): array
    {
        $bound = new self($task);
        $last = max([0, ...$task->level]);
        $families = $bound->most($last, -1);
        [$flow, $granted, $served, $bounds] = [$bound->network(), 0, 0, []];
        for ($level = 0; $level <= $last; $level++) {
            $bound->open($flow, array_keys($task->level, $level, true), true, true);
            // What flows already goes on to flow; only what comes in addition is counted.
            $granted += $flow->greatest(self::SOURCE, self::SINK);
            // So many have something of these levels; for each of the other families one later wish takes what could
            // be theirs.
            $served = $served < $families ? $bound->most($level, -1) : $served;
            if ($level === 0) {
                $families = $granted === 0 ? $families : min($families, $served + $bound->most($last, 0) - $granted);
                $bounds[] = $granted;
            } else {
                $bounds[] =
                    $served >= $families
                        ? $granted
                        : min($granted, $bound->most($last, $level) - ($families - $served));
            }
        }

        return [$bounds, $families];
    }

    /**
     * @param  int  $first  the last level of which what a family gets first may be
     * @param  int  $more  the last level of which what it gets besides may be
     */
    private function most(int $first, int $more): int
    {
        $flow = $this->network();
        foreach (array_keys($this->task->wishes) as $w) {
            $level = $this->task->level[$w];
            $this->open($flow, [$w], $level <= $first, $level <= $more);
        }

        return $flow->greatest(self::SOURCE, self::SINK);
    }

    /** From families, by what they get first and what besides, and from slots to hosts' dates; no wish is open yet. */
    private function network(): Flow
    {
        $task = $this->task;
        $flow = new Flow();
        $slots = count($task->start);
        foreach ($this->fit as $f => $fit) {
            $flow->arc(self::SOURCE, self::FAMILIES + $f, min(1, $fit));
            $flow->arc(self::SOURCE, $this->ofMore() + $f, max(0, $fit - 1));
        }
        foreach ($task->hostDay as $s => $hostDay) {
            $flow->arc($this->ofSlot() + $s, $this->ofSlot() + $slots + $hostDay, 1);
        }
        foreach ($task->most as $hostDay => $most) {
            $flow->arc($this->ofSlot() + $slots + $hostDay, self::SINK, $most ?? $slots);
        }

        return $flow;
    }

    /**
     * @param  list<int>  $wishes
     * @param  bool  $first  whether they can be what their family gets first
     * @param  bool  $more  whether they can be what it gets besides
     */
    private function open(Flow $flow, array $wishes, bool $first, bool $more): void
    {
        foreach ($first || $more ? $wishes : [] as $w) {
            $family = $this->task->familyOf[$w];
            $in = $this->ofMore() + count($this->task->wishesOf) + 2 * $w;
            $first && $flow->arc(self::FAMILIES + $family, $in, 1);
            $more && $flow->arc($this->ofMore() + $family, $in, 1);
            $flow->arc($in, $in + 1, 1);
            foreach ($this->task->slots[$w] as $s) {
                // Of a longer meeting the first part is what it surely takes.
                $flow->arc($in + 1, $this->ofSlot() + $this->task->parts[$s][0], 1);
            }
        }
    }

    private function ofMore(): int
    {
        return self::FAMILIES + count($this->task->wishesOf);
    }

    private function ofSlot(): int
    {
        return $this->ofMore() + count($this->task->wishesOf) + 2 * count($this->task->wishes);
    }

    /**
     * No more of a family's wishes than this fit one after the other: each has to have a column of its own.
     *
     * @param  list<int>  $wishes
     */
    private static function fitting(AllotTask $task, array $wishes): int
    {
        $starts = $untils = $wishOf = $of = [];
        foreach ($wishes as $w) {
            $way = $task->gap[$w] === [] ? 0 : min($task->gap[$w]);
            foreach ($task->slots[$w] as $s) {
                $wishOf[] = $w;
                $starts[] = $task->start[$s];
                $untils[] = $task->end[$s] + $way;
            }
        }
        foreach (Columns::cut($starts, $untils) as $stretch => $column) {
            $of[$wishOf[$stretch]][$column] = $column;
        }

        return count(Columns::matchColumns($of));
    }
}
