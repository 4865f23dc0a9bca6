<?php

declare(strict_types=1);

namespace Recess\Allotting;

/**
 * Who has which slot so far; every change can be taken back.
 *
 * @internal to the allotter
 */
final class Draft
{
    /** @var array<int, int> by wish that is granted: its slot */
    public array $at = [];

    /** @var array<int, int> by slot that is given, each part by itself: the wish */
    public array $held = [];

    /** @var array<int, int> by host and date: how many meetings */
    private array $meetings = [];

    /** @var list<array{int, int}> the wish, and the slot that it had before, or -1 */
    private array $changes = [];

    /** How often it was looked whether a slot can be had. */
    public int $steps = 0;

    public function __construct(public readonly AllotTask $task) {}

    public function put(int $wish, int $slot): void
    {
        $this->changes[] = [$wish, $this->at[$wish] ?? -1];
        $this->set($wish, $slot);
    }

    public function take(int $wish): void
    {
        $this->put($wish, -1);
    }

    /** @return int to come back to */
    public function mark(): int
    {
        return count($this->changes);
    }

    public function backTo(int $mark): void
    {
        foreach (array_reverse(array_splice($this->changes, $mark)) as [$wish, $slot]) {
            $this->set($wish, $slot);
        }
    }

    /** What was done stays. */
    public function settle(): void
    {
        $this->changes = [];
    }

    private function set(int $wish, int $slot): void
    {
        $before = $this->at[$wish] ?? -1;
        if ($before >= 0) {
            unset($this->at[$wish]);
            foreach ($this->task->parts[$before] as $part) {
                unset($this->held[$part]);
            }
            $this->meetings[$this->task->hostDay[$before]]--;
        }
        if ($slot >= 0) {
            $this->at[$wish] = $slot;
            foreach ($this->task->parts[$slot] as $part) {
                $this->held[$part] = $wish;
            }
            $hostDay = $this->task->hostDay[$slot];
            $this->meetings[$hostDay] = ($this->meetings[$hostDay] ?? 0) + 1;
        }
    }

    /** @return list<int> the wishes of the same family that are in the way of this one at that slot */
    public function clashes(int $wish, int $slot): array
    {
        $this->steps++;
        $start = $this->task->start[$slot];
        $end = $this->task->end[$slot];
        $clashes = [];
        foreach ($this->task->gap[$wish] as $other => $gap) {
            $its = $this->at[$other] ?? -1;
            if ($its >= 0 && $start < $this->task->end[$its] + $gap && $this->task->start[$its] < $end + $gap) {
                $clashes[] = $other;
            }
        }

        return $clashes;
    }

    /** @return list<int> the other wishes that have the slot or parts of it, each once */
    public function others(int $wish, int $slot): array
    {
        $parts = $this->task->parts[$slot];
        if (count($parts) === 1) {
            $holder = $this->held[$slot] ?? $wish;

            return $holder === $wish ? [] : [$holder];
        }

        return array_values(array_unique(array_diff(array_intersect_key($this->held, array_flip($parts)), [$wish])));
    }

    /** Whether the host sees no more people on the slot's date, besides that wish. */
    public function isFull(int $slot, int $wish): bool
    {
        $hostDay = $this->task->hostDay[$slot];
        $most = $this->task->most[$hostDay];
        if ($most === null || ($this->meetings[$hostDay] ?? 0) < $most) {
            return false;
        }
        $its = $this->at[$wish] ?? -1;

        return $its < 0 || $this->task->hostDay[$its] !== $hostDay;
    }

    public function isFree(int $wish, int $slot): bool
    {
        return $this->others($wish, $slot) === [] &&
            $this->clashes($wish, $slot) === [] &&
            !$this->isFull($slot, $wish) &&
            $this->rivals($wish, $slot) === [];
    }

    /** @return list<int> where all interpreters of the wish's language are in meetings then: the wishes that have them */
    public function rivals(int $wish, int $slot): array
    {
        $language = $this->task->wishes[$wish]->language;
        if ($language === null) {
            return [];
        }
        $rivals = [];
        foreach ($this->task->spoken[$language] as $other) {
            $its = $this->at[$other] ?? -1;
            if (
                $other !== $wish &&
                $its >= 0 &&
                $this->task->start[$slot] < $this->task->end[$its] &&
                $this->task->start[$its] < $this->task->end[$slot]
            ) {
                $rivals[] = $other;
            }
        }

        return count($rivals) < $this->task->interpreters($language, $slot) ? [] : $rivals;
    }

    /**
     * What would have to go elsewhere for the wish to have that slot: one list, or several of which any will do.
     *
     * @return list<list<int>>
     */
    public function inTheWay(int $wish, int $slot): array
    {
        $rivals = $this->rivals($wish, $slot);
        $ways = $this->hostsWays($wish, $slot);
        if ($rivals === []) {
            return $ways;
        }
        $all = [];
        foreach ($ways as $way) {
            // Whoever goes anyhow may leave an interpreter.
            foreach (array_intersect($way, $rivals) !== [] ? [null] : $rivals as $rival) {
                $all[] = $rival === null ? $way : [$rival, ...$way];
            }
        }

        return $all;
    }

    /** @return list<list<int>> the same without regard to interpreters */
    private function hostsWays(int $wish, int $slot): array
    {
        $clashes = $this->clashes($wish, $slot);
        $others = $this->others($wish, $slot);
        if ($others !== []) {
            return [array_values(array_unique([...$others, ...$clashes]))];
        }
        if (!$this->isFull($slot, $wish)) {
            return [$clashes];
        }
        $ways = [];
        foreach ($this->at as $other => $its) {
            if ($this->task->hostDay[$its] === $this->task->hostDay[$slot]) {
                $ways[] = in_array($other, $clashes, true) ? $clashes : [$other, ...$clashes];
            }
        }

        return $ways;
    }

    public function hasAny(int $family): bool
    {
        foreach ($this->task->wishesOf[$family] as $wish) {
            if (isset($this->at[$wish])) {
                return true;
            }
        }

        return false;
    }

    /**
     * What is compared, one after the other: how many asked wishes are granted, how many families have a meeting at all, and
     * how many wishes of each rank are granted.
     *
     * @return non-empty-list<int>
     */
    public function worth(): array
    {
        $granted = $this->granted();
        $families = [];
        foreach ($this->at as $wish => $ignored) {
            $families[$this->task->familyOf[$wish]] = true;
        }

        return [$granted[0] ?? 0, count($families), ...array_slice($granted, 1)];
    }

    /** @return list<int> by level: how many wishes are granted */
    public function granted(): array
    {
        $granted = array_fill(0, 1 + max([0, ...$this->task->level]), 0);
        foreach ($this->at as $wish => $ignored) {
            $granted[$this->task->level[$wish]]++;
        }

        return array_values($granted);
    }
}
