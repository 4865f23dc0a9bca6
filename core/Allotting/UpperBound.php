<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Fitting\Columns;

/**
 * What any allotment can grant at most: what remains true when families may be in two meetings at once as long as they are in
 * no more than fit one after the other. A flow from families through wishes and slots to the hosts' dates.
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
     * @return array{list<int>, int} by level: no allotment in which as many families as can be have something grants more of
     *                               the wishes up to that level; the last is true of every allotment. And how many families
     *                               can have something at most, when as much as can be is granted of what is asked.
     */
    public static function of(AllotTask $task): array
    {
        $bound = new self($task);
        $last = max([0, ...$task->level]);
        $upTo = static fn(int $most): \Closure => static fn(int $level): bool => $level <= $most;
        [$all, $none] = [$upTo($last), $upTo(-1)];
        $families = $bound->most($all, $none);
        $bounds = [];
        for ($level = 0; $level <= $last; $level++) {
            $granted = $bound->most($upTo($level), $upTo($level));
            // So many have something of these levels; for each of the other families one later wish takes what could be theirs.
            $served = $bound->most($upTo($level), $none);
            $withOne = $bound->most($all, $upTo($level));
            if ($level === 0) {
                $families = min($families, $served + $withOne - $granted);
            }
            $bounds[] = $level === 0 ? $granted : min($granted, $withOne - max(0, $families - $served));
        }

        return [$bounds, $families];
    }

    /**
     * @param  \Closure(int): bool  $first  whether what a family gets first may be of that level
     * @param  \Closure(int): bool  $more  whether what it gets besides may be
     */
    private function most(\Closure $first, \Closure $more): int
    {
        $task = $this->task;
        $flow = new Flow();
        $slots = count($task->start);
        $ofMore = self::FAMILIES + count($task->wishesOf);
        $ofWish = $ofMore + count($task->wishesOf);
        $ofSlot = $ofWish + 2 * count($task->wishes);
        $ofHostDay = $ofSlot + $slots;
        foreach ($this->fit as $f => $fit) {
            $flow->arc(self::SOURCE, self::FAMILIES + $f, min(1, $fit));
            $flow->arc(self::SOURCE, $ofMore + $f, max(0, $fit - 1));
        }
        foreach ($task->hostDay as $s => $hostDay) {
            $flow->arc($ofSlot + $s, $ofHostDay + $hostDay, 1);
        }
        foreach ($task->most as $hostDay => $most) {
            $flow->arc($ofHostDay + $hostDay, self::SINK, $most ?? $slots);
        }
        foreach ($task->level as $w => $level) {
            [$isFirst, $isMore] = [$first($level), $more($level)];
            if (!$isFirst && !$isMore) {
                continue;
            }
            [$in, $out] = [$ofWish + 2 * $w, $ofWish + 2 * $w + 1];
            $isFirst && $flow->arc(self::FAMILIES + $task->familyOf[$w], $in, 1);
            $isMore && $flow->arc($ofMore + $task->familyOf[$w], $in, 1);
            $flow->arc($in, $out, 1);
            foreach ($task->slots[$w] as $s) {
                // Of a longer meeting the first part is what it surely takes.
                $flow->arc($out, $ofSlot + $task->parts[$s][0], 1);
            }
        }

        return $flow->greatest(self::SOURCE, self::SINK);
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
