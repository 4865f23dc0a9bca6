<?php

declare(strict_types=1);

namespace Recess\Allotting;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Gives times to the wishes of a round: as many asked ones as possible; then to as many families as possible at least one;
 * then to wishes of rank 1, then 2, and so on; then with little waiting.
 *
 * All chance is drawn from the seed, and work is counted in steps: the same input gives the same answer, unless the clock
 * ends it. A small round is tried a few times over, as long as it is not proven that no allotment grants more.
 */
final class Allotter
{
    private const ATTEMPTS = 8;

    /** So many in a row that are no better, and there is no other. */
    private const IN_VAIN = 2;

    /**
     * @param  list<int>  $bounds  by level: no more of the wishes up to it can be granted
     * @param  int  $families  no more of them can have a meeting at all
     * @param  array<string, int>  $pins
     */
    private function __construct(
        private readonly AllotTask $task,
        private readonly array $bounds,
        private readonly int $families,
        private readonly array $pins,
    ) {}

    /**
     * @param  int  $steps  the most that may be done; about a million take a second
     * @param  \Closure(int, int): bool  $isOver  is given how many are granted so far and the most that can be; says whether
     *                                            to end with what there is
     * @param  array<string, int>  $pinned  by wish: the start of the host's slot that it keeps
     */
    public static function allot(
        Evenings $evenings,
        int $seed,
        int $steps,
        \Closure $isOver,
        array $pinned = [],
    ): Allotment {
        $task = new AllotTask($evenings);

        [$bounds, $families] = UpperBound::of($task);

        return (new self($task, $bounds, $families, $pinned))->run($seed, $steps, $isOver);
    }

    /** @param  \Closure(int, int): bool  $isOver */
    private function run(int $seed, int $steps, \Closure $isOver): Allotment
    {
        $bound = max([0, ...$this->bounds]);
        $best = null;
        $used = $longest = $inVain = 0;
        for ($attempt = 0; $attempt < self::ATTEMPTS && $inVain < self::IN_VAIN; $attempt++) {
            // Another one is made only where all of them are few steps, and where more can be hoped for.
            if (
                $best !== null &&
                ($longest * self::ATTEMPTS > $steps || $used + $longest > $steps || $this->isProven($best))
            ) {
                break;
            }
            $random = new Randomizer(new Mt19937($seed + $attempt));
            $draft = new Draft($this->task);
            $pinned = $this->pin($draft);
            $left = $steps - $used;
            $isDone = static fn(Draft $draft): bool => $draft->steps >= $left ||
                $isOver(max(count($draft->at), count($best->at ?? [])), $bound);
            (new Attempt($draft, $random, $this->bounds, $this->families, $pinned, $isDone))->run();
            (new LessWaiting($draft, $random, $pinned))->run($isDone);
            $inVain++;
            if ($best === null || $draft->worth() > $best->worth()) {
                $best = $draft;
                $inVain = 0;
            }
            if ($isOver(count($best->at), $bound)) {
                break;
            }
            $used += $draft->steps;
            $longest = max($longest, $draft->steps);
        }

        return $this->said($best);
    }

    /** Whether no allotment grants more, level by level. */
    private function isProven(Draft $draft): bool
    {
        if ($draft->worth()[1] < $this->families) {
            return false;
        }
        $sum = 0;
        foreach ($draft->granted() as $level => $granted) {
            $sum += $granted;
            if ($sum < $this->bounds[$level]) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, true> */
    private function pin(Draft $draft): array
    {
        $pinned = [];
        foreach ($this->task->wishes as $w => $wish) {
            foreach (isset($this->pins[$wish->id]) ? $this->task->slots[$w] : [] as $s) {
                if ($this->task->start[$s] === $this->pins[$wish->id] && $draft->isFree($w, $s)) {
                    $draft->put($w, $s);
                    $pinned[$w] = true;
                }
            }
        }

        return $pinned;
    }

    private function said(Draft $draft): Allotment
    {
        $given = $not = [];
        foreach ($this->task->wishes as $w => $wish) {
            if (isset($draft->at[$w])) {
                $given[$wish->id] = $this->task->span($draft->at[$w]);
            } else {
                $not[$wish->id] = $this->why($draft, $w);
            }
        }

        $withNone = array_filter(
            array_keys($this->task->wishesOf),
            fn(int $f): bool => $this->task->wishesOf[$f] !== [] && !$draft->hasAny($f),
        );

        return new Allotment(
            $given,
            $not,
            max([0, ...$this->bounds]),
            array_values(array_map(fn(int $f): string => $this->task->families[$f], $withNone)),
        );
    }

    private function why(Draft $draft, int $wish): Why
    {
        foreach ($this->task->slots[$wish] as $s) {
            if ($draft->others($wish, $s) === [] && !$draft->isFull($s, $wish)) {
                return $draft->clashes($wish, $s) === [] ? Why::NoInterpreter : Why::Clashes;
            }
        }

        return match (true) {
            $this->task->slots[$wish] !== [] => Why::HostFull,
            $this->task->wishes[$wish]->language !== null => Why::NoInterpreter,
            default => Why::OutsideWindows,
        };
    }
}
