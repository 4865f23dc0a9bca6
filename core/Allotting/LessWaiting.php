<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Random\Randomizer;

/**
 * Brings a family's meetings together, without anybody losing one: a meeting goes to a free time of its host, or two
 * families change places at one host, as long as all families together wait less for it.
 *
 * @internal to the allotter
 */
final readonly class LessWaiting
{
    /** What another evening counts as, in seconds of waiting: somebody looks after the little ones again. */
    private const EVENING = 1_200;

    /** @param  array<int, true>  $pinned */
    public function __construct(private Draft $draft, private Randomizer $random, private array $pinned) {}

    /** @param  \Closure(Draft): bool  $isOver */
    public function run(\Closure $isOver): void
    {
        do {
            $gained = false;
            foreach ($this->random->shuffleArray(array_keys($this->draft->at)) as $wish) {
                if (!isset($this->pinned[$wish])) {
                    $gained = $this->better($wish) || $gained;
                }
                if ($isOver($this->draft)) {
                    return;
                }
            }
            $this->draft->settle();
        } while ($gained);
    }

    private function better(int $wish): bool
    {
        [$best, $most] = [-1, 0];
        foreach ($this->draft->task->slots[$wish] as $slot) {
            $mark = $this->draft->mark();
            $gain = $this->change($wish, $slot);
            $this->draft->backTo($mark);
            if ($gain > $most) {
                [$best, $most] = [$slot, $gain];
            }
        }
        if ($best >= 0) {
            $this->change($wish, $best);
        }

        return $best >= 0;
    }

    /** @return int the seconds that all families together wait less, 0 where it cannot be: then nothing is whole */
    private function change(int $wish, int $slot): int
    {
        $task = $this->draft->task;
        $here = $this->draft->at[$wish];
        $others = $this->draft->others($wish, $slot);
        $other = $others[0] ?? null;
        if ($slot === $here || count($others) > 1 || ($other !== null && $task->parts[$here] !== [$here])) {
            // Longer meetings go to what is free; they change places with nobody.
            return 0;
        }
        $mayMove =
            $other === null
                ? !$this->draft->isFull($slot, $wish)
                : !isset($this->pinned[$other]) && in_array($here, $task->slots[$other], true);
        if (!$mayMove) {
            return 0;
        }
        $families = array_unique(
            $other === null ? [$task->familyOf[$wish]] : [$task->familyOf[$wish], $task->familyOf[$other]],
        );
        $before = array_sum(array_map($this->waiting(...), $families));
        if ($other !== null) {
            $this->draft->take($other);
        }
        $this->draft->put($wish, $slot);
        if ($this->draft->clashes($wish, $slot) !== [] || $this->draft->rivals($wish, $slot) !== []) {
            return 0;
        }
        if ($other !== null) {
            $this->draft->put($other, $here);
            if ($this->draft->clashes($other, $here) !== [] || $this->draft->rivals($other, $here) !== []) {
                return 0;
            }
        }

        return $before - array_sum(array_map($this->waiting(...), $families));
    }

    /** What a family waits on all its evenings, in seconds, and for each of them. */
    private function waiting(int $family): int
    {
        $task = $this->draft->task;
        $first = $last = [];
        $waiting = 0;
        foreach ($task->wishesOf[$family] as $wish) {
            $slot = $this->draft->at[$wish] ?? -1;
            if ($slot >= 0) {
                $day = $task->day[$slot];
                $first[$day] = min($first[$day] ?? PHP_INT_MAX, $task->start[$slot]);
                $last[$day] = max($last[$day] ?? 0, $task->end[$slot]);
                $waiting -= $task->end[$slot] - $task->start[$slot];
            }
        }
        foreach ($last as $day => $end) {
            $waiting += $end - $first[$day] + self::EVENING;
        }

        return $waiting;
    }
}
