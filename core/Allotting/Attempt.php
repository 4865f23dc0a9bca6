<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Random\Randomizer;

/**
 * One try at filling a round, level after level.
 *
 * Wish after wish has a free time, or those in its way move to other times, and those in theirs (augmenting paths, Kuhn 1955,
 * with a family's own meetings in the way as well as others'). What remains is tried again by taking time from wishes of the
 * same level or later, and finding them other times.
 *
 * @internal to the allotter
 */
final class Attempt
{
    /** So many rounds of taking and finding anew without any gain, and a level ends; in large rounds, so many for each wish that is left. */
    private const IN_VAIN = 2_000;

    private const IN_VAIN_EACH = 20;

    /** How many move to make way for one, one after the other, and how many at once. */
    private const DEPTH = 12;

    private const AT_ONCE = 3;

    /** The level that is at work. */
    private int $level = 0;

    /** @var array<int, true> slots that were tried in this search */
    private array $tried = [];

    /** @var array<int, true> wishes that are placed in this search */
    private array $moving = [];

    private readonly AllotTask $task;

    /**
     * @param  list<int>  $bounds  by level: no more of the wishes up to it can be granted
     * @param  array<int, true>  $pinned  wishes that stay where they are in the draft
     * @param  \Closure(Draft): bool  $isOver
     */
    public function __construct(
        private readonly Draft $draft,
        private readonly Randomizer $random,
        private readonly array $bounds,
        private readonly array $pinned,
        private readonly \Closure $isOver,
    ) {
        $this->task = $draft->task;
    }

    public function run(): void
    {
        foreach (array_keys($this->bounds) as $level) {
            $this->level = $level;
            $this->fill();
            $this->takeAndFind();
        }
    }

    /** The wishes of a level, those with few times first. While none of the next levels is in, there is most room to move. */
    private function fill(): void
    {
        $order = $this->random->shuffleArray(array_keys($this->task->level, $this->level, true));
        usort($order, fn(int $a, int $b): int => count($this->task->slots[$a]) <=> count($this->task->slots[$b]));
        foreach ($order as $w) {
            if (($this->isOver)($this->draft)) {
                break;
            }
            if (!isset($this->draft->at[$w])) {
                $this->tried = $this->moving = [];
                $this->place($w, self::DEPTH);
            }
        }
        $this->draft->settle();
    }

    /** Has the wish granted, where needed by moving others, which stay granted. */
    private function place(int $wish, int $depth): bool
    {
        $slots = $this->task->slots[$wish];
        if ($slots === []) {
            return false;
        }
        // From anywhere on, so that nobody's mornings fill up first.
        $first = $this->random->getInt(0, count($slots) - 1);
        $slots = [...array_slice($slots, $first), ...array_slice($slots, 0, $first)];
        foreach ($slots as $s) {
            if ($this->draft->isFree($wish, $s)) {
                $this->draft->put($wish, $s);

                return true;
            }
        }
        if ($depth === 0) {
            return false;
        }
        $this->moving[$wish] = true;
        foreach ($slots as $s) {
            if (isset($this->tried[$s])) {
                continue;
            }
            $this->tried[$s] = true;
            foreach ($this->draft->inTheWay($wish, $s) as $others) {
                if ($this->makeWay($wish, $s, $others, $depth - 1)) {
                    unset($this->moving[$wish]);

                    return true;
                }
            }
        }
        unset($this->moving[$wish]);

        return false;
    }

    /** @param  list<int>  $others */
    private function makeWay(int $wish, int $slot, array $others, int $depth): bool
    {
        if (
            count($others) > self::AT_ONCE ||
            array_intersect_key(array_flip($others), $this->pinned + $this->moving) !== []
        ) {
            return false;
        }
        $mark = $this->draft->mark();
        foreach ($others as $other) {
            $this->draft->take($other);
        }
        $this->draft->put($wish, $slot);
        foreach ($others as $other) {
            if (!$this->place($other, $depth)) {
                $this->draft->backTo($mark);

                return false;
            }
        }

        return true;
    }

    /** A wish that was not granted takes a time all the same; who had it looks for another. What is no worse stays. */
    private function takeAndFind(): void
    {
        $granted = $this->draft->granted();
        $left = $this->worthTrying($granted);
        for (
            $inVain = 0;
            $left !== [] &&
            $inVain < max(self::IN_VAIN, self::IN_VAIN_EACH * count($left)) &&
            !($this->isOver)($this->draft);
            $inVain++
        ) {
            $i = $this->random->getInt(0, count($left) - 1);
            $mark = $this->draft->mark();
            $lost = $this->take($left[$i]);
            $now = $lost === null ? $granted : $this->draft->granted();
            if ($lost === null || $now < $granted) {
                $this->draft->backTo($mark);

                continue;
            }
            $this->draft->settle();
            array_splice($left, $i, 1, $lost);
            if ($now > $granted) {
                $granted = $now;
                $left = $this->worthTrying($granted);
                $inVain = 0;
            }
        }
    }

    /**
     * @param  list<int>  $granted  by level
     * @return list<int> wishes that are not granted, and could make more of it
     */
    private function worthTrying(array $granted): array
    {
        $sum = 0;
        $last = -1;
        foreach ($this->bounds as $level => $bound) {
            if ($level > $this->level) {
                break;
            }
            $sum += $granted[$level];
            $last = $sum < $bound ? $level : $last;
        }

        return array_values(
            array_filter(
                array_keys(array_diff_key($this->task->wishes, $this->draft->at)),
                fn(int $w): bool => $this->task->level[$w] <= $last && $this->task->slots[$w] !== [],
            ),
        );
    }

    /** @return list<int>|null the wishes that lost their time for it; null where it cannot have one */
    private function take(int $wish): ?array
    {
        $slots = $this->task->slots[$wish];
        $slot = $slots[$this->random->getInt(0, count($slots) - 1)];
        $ways = $this->draft->inTheWay($wish, $slot);
        $others = $ways[$this->random->getInt(0, count($ways) - 1)];
        if (array_intersect_key(array_flip($others), $this->pinned) !== []) {
            return null;
        }
        foreach ($others as $other) {
            $this->draft->take($other);
        }
        $this->draft->put($wish, $slot);
        $lost = [];
        foreach ($others as $other) {
            $this->tried = [];
            $this->moving = [$wish => true];
            if (!$this->place($other, self::DEPTH)) {
                $lost[] = $other;
            }
        }

        return $lost;
    }
}
