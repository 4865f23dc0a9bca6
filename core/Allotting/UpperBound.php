<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Recess\Fitting\Columns;

/**
 * How many wishes any allotment can grant at most: what remains true when families may be in two meetings at once as long as
 * they are in no more than fit one after the other. A flow from families through wishes and slots to the hosts' dates.
 *
 * @internal to the allotter
 */
final class UpperBound
{
    /**
     * @return list<int> by level: no allotment grants more of the wishes up to that level
     */
    public static function byLevel(AllotTask $task): array
    {
        $flow = new Flow();
        $slots = count($task->start);
        [$source, $sink] = [0, 1];
        $ofFamily = 2;
        $ofWish = $ofFamily + count($task->wishesOf);
        $ofSlot = $ofWish + count($task->wishes);
        $ofHostDay = $ofSlot + $slots;
        foreach ($task->wishesOf as $f => $of) {
            $flow->arc($source, $ofFamily + $f, self::fitting($task, $of));
        }
        foreach ($task->hostDay as $s => $hostDay) {
            $flow->arc($ofSlot + $s, $ofHostDay + $hostDay, 1);
        }
        foreach ($task->most as $hostDay => $most) {
            $flow->arc($ofHostDay + $hostDay, $sink, $most ?? $slots);
        }
        $bounds = [];
        for ($level = 0, $last = max([0, ...$task->level]), $sum = 0; $level <= $last; $level++) {
            foreach (array_keys($task->level, $level, true) as $w) {
                $flow->arc($ofFamily + $task->familyOf[$w], $ofWish + $w, 1);
                foreach ($task->slots[$w] as $s) {
                    // Of a longer meeting the first part is what it surely takes.
                    $flow->arc($ofWish + $w, $ofSlot + $task->parts[$s][0], 1);
                }
            }
            // What flows already goes on to flow; only what comes in addition is counted.
            $bounds[] = $sum += $flow->greatest($source, $sink);
        }

        return $bounds;
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
