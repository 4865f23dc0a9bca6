<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Random\Randomizer;

/**
 * One try at filling a round, level after level; after what is asked, families that have nothing yet, with whatever wish it
 * takes. Such a wish stands in for those that they want more, and goes when one of these is granted.
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
    private const IN_VAIN = 200;

    private const IN_VAIN_EACH = 8;

    /** How many move to make way for one, one after the other, and how many at once. */
    private const DEPTH = 12;

    private const AT_ONCE = 3;

    /** The level that is at work; what is granted of later ones stands in. */
    private int $level = 0;

    /** @var array<int, true> slots that were tried in this search */
    private array $tried = [];

    /** @var array<int, true> wishes that are placed in this search */
    private array $moving = [];

    private readonly AllotTask $task;

    /**
     * @param  list<int>  $bounds  by level: no more of the wishes up to it can be granted
     * @param  int  $families  no more of them can have a meeting at all
     * @param  array<int, true>  $pinned  wishes that stay where they are in the draft
     * @param  \Closure(Draft): bool  $isOver
     */
    public function __construct(
        private readonly Draft $draft,
        private readonly Randomizer $random,
        private readonly array $bounds,
        private readonly int $families,
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
            $this->takeAndFind($this->worthTrying(...));
            if ($level === 0) {
                $this->families();
                $this->takeAndFind($this->ofFamiliesWithNone(...));
            }
        }
    }

    /** Each family that has nothing yet gets one of its wishes, those with few times first. */
    private function families(): void
    {
        $order = $this->random->shuffleArray(array_keys($this->task->wishesOf));
        $times = array_map(
            fn(array $wishes): int => array_sum(array_map(fn(int $w): int => count($this->task->slots[$w]), $wishes)),
            $this->task->wishesOf,
        );
        usort($order, static fn(int $a, int $b): int => $times[$a] <=> $times[$b]);
        foreach ($order as $f) {
            if (($this->isOver)($this->draft)) {
                break;
            }
            if ($times[$f] > 0 && !$this->draft->hasAny($f)) {
                $this->tried = $this->moving = [];
                $this->placeAny($f, self::DEPTH);
            }
        }
        $this->draft->settle();
    }

    /** One of a family's wishes, the one that it wants most first. */
    private function placeAny(int $family, int $depth): bool
    {
        $wishes = $this->task->wishesOf[$family];
        usort($wishes, fn(int $a, int $b): int => $this->task->level[$a] <=> $this->task->level[$b]);
        foreach ($wishes as $w) {
            if (!isset($this->moving[$w]) && $this->place($w, $depth)) {
                return true;
            }
        }

        return false;
    }

    /** Whether whoever lost a time has another one, or needs none: what stood in goes where its family has something else. */
    private function hasAgain(int $wish, int $depth): bool
    {
        $family = $this->task->familyOf[$wish];

        return $this->task->level[$wish] > $this->level
            ? $this->draft->hasAny($family) || $this->placeAny($family, $depth)
            : $this->place($wish, $depth);
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
                $this->placeInstead($w);
            }
        }
        $this->draft->settle();
    }

    /** Has the wish granted; without what stands in for it, so that nothing of the family's own is in its way. */
    private function placeInstead(int $wish): void
    {
        $mark = $this->draft->mark();
        $this->takeStandIns($wish);
        $this->place($wish, self::DEPTH) || $this->draft->backTo($mark);
    }

    /** @return list<int> what stood in for the wish, and has no time any more */
    private function takeStandIns(int $wish): array
    {
        $stoodIn = [];
        foreach ($this->task->wishesOf[$this->task->familyOf[$wish]] as $other) {
            if (
                isset($this->draft->at[$other]) &&
                $this->task->level[$other] > $this->level &&
                !isset($this->pinned[$other])
            ) {
                $this->draft->take($other);
                $stoodIn[] = $other;
            }
        }

        return $stoodIn;
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
            if (!$this->hasAgain($other, $depth)) {
                $this->draft->backTo($mark);

                return false;
            }
        }

        return true;
    }

    /**
     * A wish that was not granted takes a time all the same; who had it looks for another. What is no worse stays.
     *
     * @param  \Closure(): list<int>  $worthTrying  wishes that are not granted, and could make more of it
     */
    private function takeAndFind(\Closure $worthTrying): void
    {
        $worth = $this->draft->worth();
        $left = $worthTrying();
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
            $now = $lost === null ? $worth : $this->draft->worth();
            if ($lost === null || $now < $worth) {
                $this->draft->backTo($mark);

                continue;
            }
            $this->draft->settle();
            array_splice($left, $i, 1, $lost);
            if ($now > $worth) {
                $worth = $now;
                $left = $worthTrying();
                $inVain = 0;
            }
        }
    }

    /** @return list<int> wishes of families that have nothing, while more of them could have something */
    private function ofFamiliesWithNone(): array
    {
        return $this->draft->worth()[1] >= $this->families
            ? []
            : array_values(
                array_filter(
                    array_keys($this->task->wishes),
                    fn(int $w): bool => $this->task->slots[$w] !== [] &&
                        !$this->draft->hasAny($this->task->familyOf[$w]),
                ),
            );
    }

    /** @return list<int> wishes that are not granted, and could make more of the levels up to this one */
    private function worthTrying(): array
    {
        $granted = $this->draft->granted();
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
        $lost = $this->takeStandIns($wish);
        $others = array_values(array_diff($others, $lost));
        foreach ($others as $other) {
            $this->draft->take($other);
        }
        $this->draft->put($wish, $slot);
        foreach ($others as $other) {
            $this->tried = [];
            $this->moving = [$wish => true];
            if (!$this->hasAgain($other, self::DEPTH)) {
                $lost[] = $other;
                $family = $this->task->familyOf[$other];
                // Nobody is left with nothing for it.
                $this->tried = [];
                $this->draft->hasAny($family) || $this->placeAny($family, self::DEPTH);
            }
        }

        return $lost;
    }
}
