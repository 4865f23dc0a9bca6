<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;

/**
 * A family's plan: as many meetings as possible, none overlapping, each within one window, with time for the ways between;
 * of these the one that costs least in the order preferred.
 *
 * Branch and bound over when the family comes and goes on each day (PlanNode), the most promising part first; whether the
 * meetings fit between is looked for by PlanSearch. Exact as long as it may go on.
 */
final class Planner
{
    /** Steps of looking for a plan within a part, before the part is split. */
    private const STEPS = 150;

    /** Up to here, all plans are gone through in a table. */
    private const TABLE_STEPS = 500_000;

    /** So many meetings of a plan are placed anew at once. */
    private const FEW = 5;

    /** @var array<int, int> the slot of each meeting, in the best plan so far */
    private array $best = [];

    /** @var list<int> what is to be less than in another plan */
    private array $bestKey = [0, 0, 0, 0];

    /** @param  list<Preference>  $order */
    private function __construct(
        private readonly Coming $coming,
        private readonly PlanTask $task,
        private readonly array $order,
    ) {}

    /**
     * @param  list<Preference>  $prefer  what counts first, first
     * @param  \Closure(): bool  $isOver  whether the time for looking is up
     */
    public static function plan(Coming $coming, array $prefer, \Closure $isOver): Plan
    {
        return (new self($coming, new PlanTask($coming), Preference::ordered($prefer)))->find($isOver);
    }

    /** @param  \Closure(): bool  $isOver */
    private function find(\Closure $isOver): Plan
    {
        $steps = PlanTable::steps($this->task);
        if ($steps !== null && $steps <= self::TABLE_STEPS) {
            $this->keep(PlanTable::best($this->task, $this->order));

            return $this->said(null);
        }

        return $this->said($this->branch($isOver, $steps !== null));
    }

    /**
     * @param  \Closure(): bool  $isOver
     * @return list<int>|null what no plan is less than, where the time was up; null where the best is proven
     */
    private function branch(\Closure $isOver, bool $isPlain): ?array
    {
        $search = new PlanSearch($this->task, $isOver);
        $this->begin($search, $isPlain, $isOver);
        /** @var \SplMinHeap<array{list<int>, int, PlanNode}> $open */
        $open = new \SplMinHeap();
        $number = 0;
        $add = function (PlanNode $node) use ($open, &$number): void {
            $most = $node->fits(
                $this->task,
                min($node->most, count(Columns::match($node->slots($this->task), $this->task->column))),
            );
            $node = new PlanNode($node->used, $node->from, $node->until, $most);
            $key = [-$most, ...$node->least($this->task)->inOrder($this->order)];
            if ($key < $this->bestKey) {
                $open->insert([$key, $number++, $node]);
            }
        };
        $add(PlanNode::all($this->task));
        while (!$open->isEmpty()) {
            [$key, , $node] = $open->extract();
            if ($key >= $this->bestKey) {
                break;
            }
            if ($isOver()) {
                return $key;
            }
            $parts = $node->split($this->task, $this->order);
            $seen = false;
            $found = function (array $placed) use (&$seen, $key, $parts, $node): ?int {
                /** @var array<int, int> $placed */
                $seen = true;
                $this->keep($placed);

                return $parts === [] && $this->bestKey > $key ? $this->secondsToBeat($node) : null;
            };
            [$steps, $seconds] = $parts === [] ? [PHP_INT_MAX, $this->secondsToBeat($node)] : [self::STEPS, 0];
            $allSeen = $search->run($node->slots($this->task), $node->most, $steps, $seconds, $found);
            if ($this->bestKey <= $key) {
                break;
            }
            if ($allSeen && !$seen) {
                $add(new PlanNode($node->used, $node->from, $node->until, $node->most - 1));
            } elseif ($parts !== []) {
                array_map($add, $parts);
            } elseif (!$allSeen) {
                return $key;
            }
        }

        return null;
    }

    /**
     * A good plan to begin with: any plan that is found at once, and then a few of its meetings after the other placed anew.
     *
     * @param  \Closure(): bool  $isOver
     */
    private function begin(PlanSearch $search, bool $isPlain, \Closure $isOver): void
    {
        $all = $this->task->slotsOf;
        for ($most = count(Columns::match($all, $this->task->column)); $most > 0 && $this->best === []; $most--) {
            $search->run($all, $most, self::STEPS, 0, function (array $placed): ?int {
                $this->keep($placed);

                return null;
            });
        }
        $meetings = array_keys($all);
        for ($stays = 0, $first = 0; $isPlain && $stays < count($meetings) && !$isOver(); $first++) {
            $before = $this->bestKey;
            // Neighbours in time one time, any few the other.
            $inTime = array_keys($this->best);
            usort(
                $inTime,
                fn(int $a, int $b): int => $this->task->start[$this->best[$a]] <=> $this->task->start[$this->best[$b]],
            );
            $from = $first % 2 === 0 ? [...$inTime, ...array_diff($meetings, $inTime)] : $meetings;
            $step = $first % 2 === 0 ? 1 : 4;
            $few = range(0, min(self::FEW, count($from)) - 1);
            $free = array_values(
                array_unique(array_map(static fn(int $i): int => $from[($first + $i * $step) % count($from)], $few)),
            );
            $this->keep(
                PlanTable::best($this->task, $this->order, array_diff_key($this->best, array_flip($free)), $free),
            );
            $stays = $this->bestKey < $before ? 0 : $stays + 1;
        }
    }

    /** @param  array<int, int>  $placed */
    private function keep(array $placed): void
    {
        $key = [-count($placed), ...Cost::of($this->spans($placed), $this->coming->zone)->inOrder($this->order)];
        if ($key < $this->bestKey) {
            [$this->best, $this->bestKey] = [$placed, $key];
        }
    }

    /**
     * How long the meetings of a plan have to be together, to be better than the best one: in a part that is split no
     * further, plans differ by that alone.
     */
    private function secondsToBeat(PlanNode $node): int
    {
        $least = $node->least($this->task);
        $span = $node->span($this->task);
        $low = 0;
        $high = $this->task->longest($node->most);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $key = [
                -$node->most,
                ...(new Cost($least->evenings, $least->home, $span - $middle))->inOrder($this->order),
            ];
            $key < $this->bestKey ? ($high = $middle) : ($low = $middle + 1);
        }

        return $low;
    }

    /** @param  list<int>|null  $bound  what no plan is less than, where the time was up; null where the best is proven */
    private function said(?array $bound): Plan
    {
        $meetings = $this->spans($this->best);
        uasort($meetings, static fn(Span $a, Span $b): int => $a->start <=> $b->start);
        $cost = Cost::of($meetings, $this->coming->zone);
        $left = [];
        foreach ($this->coming->wanted as $m => $meeting) {
            if (!isset($this->best[$m])) {
                $left[] = $this->why($meeting, $meetings);
            }
        }
        $named = [];
        foreach ($meetings as $m => $span) {
            $named[$this->coming->wanted[$m]->id] = $span;
        }

        return $bound === null
            ? new Plan($named, $left, $cost, true, count($meetings), $cost)
            : new Plan($named, $left, $cost, false, -$bound[0], Cost::fromOrder(array_slice($bound, 1), $this->order));
    }

    /**
     * @param  array<int, int>  $placed
     * @return array<int, Span> by meeting
     */
    private function spans(array $placed): array
    {
        return array_map(fn(int $s): Span => Span::of($this->task->start[$s], $this->task->end[$s]), $placed);
    }

    /** @param  array<int, Span>  $meetings  of the plan */
    private function why(Wanted $meeting, array $meetings): Left
    {
        $with = [];
        $inside = false;
        $otherwise = null;
        foreach ($meeting->slots as $slot) {
            $clashes = array_filter(
                $meetings,
                fn(Span $other, int $m): bool => $other
                    ->widened(
                        $gap = $this->coming->between->seconds($meeting->place, $this->coming->wanted[$m]->place),
                        $gap,
                    )
                    ->overlaps($slot),
                ARRAY_FILTER_USE_BOTH,
            );
            if ($slot->liesInOneOf($this->coming->windows)) {
                $inside = true;
                $with += $clashes;
            } elseif ($clashes === [] && ($otherwise === null || $this->outside($slot) < $this->outside($otherwise))) {
                $otherwise = $slot;
            }
        }
        $why = match (true) {
            $meeting->slots === [] => Why::NothingFree,
            !$inside => Why::OutsideWindows,
            default => Why::Clashes,
        };

        return new Left(
            $meeting->id,
            $why,
            array_map(fn(int $m): string => $this->coming->wanted[$m]->id, array_keys($with)),
            $otherwise,
        );
    }

    /** How far a slot reaches out of the window that it reaches out of least, in seconds. */
    private function outside(Span $slot): int
    {
        $reaches = static fn(Span $window): int => max(0, $window->start - $slot->start) +
            max(0, $slot->end - $window->end);

        return min([PHP_INT_MAX, ...array_map($reaches, $this->coming->windows)]);
    }
}
