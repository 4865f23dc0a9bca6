<?php

declare(strict_types=1);

namespace Recess\Fitting;

/**
 * The best plan of a few meetings, by going once through all slots in the order of their ends: for each set of meetings that
 * can have been held by then, and the slot that was the last, the least cost is known (Held and Karp 1962). Doubles with
 * each meeting; others may stand fixed around them.
 *
 * @internal to the planner
 */
final class PlanTable
{
    /** Bits for each of the three costs, in seconds: enough for a fortnight of days. */
    private const BITS = 20;

    private const NEVER = 1 << 61;

    /** @var array<int, int> by set: the least cost of plans that ended on an earlier day, or at a fixed meeting */
    private array $before = [0 => 0];

    /** @var array<int, int> by set: the last slot of those */
    private array $beforeSlot = [0 => -1];

    /** @var array<int, int> by set: the least cost of those that end on this day */
    private array $today = [];

    /** @var array<int, int> */
    private array $todaySlot = [];

    /**
     * By set, and last meeting: for its first, second … slot, the least cost up to there, less what the slot itself adds.
     *
     * @var array<int, array<int, array<int, int>>>
     */
    private array $since = [];

    /** @var array<int, array<int, array<int, int>>> the slot of which that is the cost */
    private array $sinceSlot = [];

    /** @var array<int, array<int, int>> by set and last slot: the slot before it */
    private array $came = [];

    /** @var array<int, int> by meeting: its bit; 0 of a fixed one */
    private array $bit = [];

    /** @var array<int, list<int>> by meeting: the ends of those of its slots that were passed on this day */
    private array $ends = [];

    /** @param  list<Preference>  $order */
    private function __construct(private readonly PlanTask $task, private readonly array $order) {}

    /** How many steps it takes, roughly; null where what is to be planned is not of the kind that this can do. */
    public static function steps(PlanTask $task): ?int
    {
        $meetings = count($task->slotsOf);

        return $task->isPlain() && $meetings < 16
            ? intdiv(count($task->start) * $meetings * (1 << $meetings), 4)
            : null;
    }

    /**
     * @param  list<Preference>  $order
     * @param  array<int, int>  $fixed  the slot of each meeting that stays
     * @param  list<int>|null  $free  the meetings to be placed; null for all others
     * @return array<int, int> the slot of each meeting
     */
    public static function best(PlanTask $task, array $order, array $fixed = [], ?array $free = null): array
    {
        $table = new self($task, $order);
        $meetingOf = array_flip($fixed);
        foreach ($free ?? array_keys($task->slotsOf) as $i => $m) {
            $table->bit[$m] = 1 << $i;
            foreach ($task->slotsOf[$m] as $s) {
                if ($task->goesWith($m, $s, $fixed)) {
                    $meetingOf[$s] = $m;
                }
            }
        }
        $slots = array_keys($meetingOf);
        usort(
            $slots,
            static fn(int $a, int $b): int => [$task->end[$a], $task->start[$a], $a] <=> [
                $task->end[$b],
                $task->start[$b],
                $b,
            ],
        );
        $day = -1;
        foreach ($slots as $s) {
            if ($task->day[$s] !== $day) {
                $table->nextDay();
                $day = $task->day[$s];
            }
            $table->pass($meetingOf[$s], $s);
        }
        $table->nextDay();

        return $table->walkBack($meetingOf);
    }

    private function nextDay(): void
    {
        foreach ($this->today as $set => $cost) {
            if ($cost < ($this->before[$set] ?? self::NEVER)) {
                $this->before[$set] = $cost;
                $this->beforeSlot[$set] = $this->todaySlot[$set];
            }
        }
        $this->today = $this->todaySlot = $this->since = $this->sinceSlot = $this->ends = [];
    }

    private function pass(int $m, int $s): void
    {
        $bit = $this->bit[$m] ?? 0;
        $home = $this->task->home($this->task->day[$s], $this->task->end[$s]);
        $first = $this->packed(1, $home, 0);
        $next = $this->packed(0, $home, $this->task->start[$s] - $this->task->dayStart($s));
        $after = $this->packed(0, $home, $this->task->end[$s] - $this->task->dayStart($s));
        $reached = [];
        foreach ($this->ends as $other => $ends) {
            $last = self::lastUpTo($ends, $this->task->start[$s] - $this->task->gap[$other][$m]);
            if ($last >= 0 && $other !== $m) {
                $reached[$other] = $last;
            }
        }
        $costs = [];
        foreach ($this->before as $set => $cost) {
            if (($set & $bit) === 0) {
                $costs[$set] = $cost + $first;
                $this->came[$set | $bit][$s] = $this->beforeSlot[$set];
            }
        }
        foreach ($this->since as $set => $meetings) {
            if (($set & $bit) !== 0) {
                continue;
            }
            foreach ($reached as $other => $last) {
                $cost = ($meetings[$other][$last] ?? self::NEVER) + $next;
                if ($cost < ($costs[$set] ?? self::NEVER)) {
                    $costs[$set] = $cost;
                    $this->came[$set | $bit][$s] = $this->sinceSlot[$set][$other][$last];
                }
            }
        }
        if (!isset($this->bit[$m])) {
            // Nothing passes a fixed meeting by.
            $this->before = $this->today = $this->since = $this->sinceSlot = $this->ends = [];
        }
        $place = count($this->ends[$m] ?? []);
        $this->ends[$m][] = $this->task->end[$s];
        foreach ($costs as $set => $cost) {
            $set |= $bit;
            $so = $cost - $after;
            for ($i = count($this->since[$set][$m] ?? []); $i <= $place; $i++) {
                $this->since[$set][$m][$i] = $this->since[$set][$m][$i - 1] ?? self::NEVER;
                $this->sinceSlot[$set][$m][$i] = $this->sinceSlot[$set][$m][$i - 1] ?? -1;
            }
            if ($so < $this->since[$set][$m][$place]) {
                $this->since[$set][$m][$place] = $so;
                $this->sinceSlot[$set][$m][$place] = $s;
            }
            if ($cost < ($this->today[$set] ?? self::NEVER)) {
                $this->today[$set] = $cost;
                $this->todaySlot[$set] = $s;
            }
        }
    }

    /**
     * @param  array<int, int>  $meetingOf  by slot
     * @return array<int, int>
     */
    private function walkBack(array $meetingOf): array
    {
        $best = 0;
        foreach ($this->before as $set => $cost) {
            if ([-self::members($set), $cost] < [-self::members($best), $this->before[$best] ?? self::NEVER]) {
                $best = $set;
            }
        }
        $placed = [];
        for ($slot = $this->beforeSlot[$best] ?? -1, $set = $best; $slot >= 0; ) {
            $m = $meetingOf[$slot];
            $placed[$m] = $slot;
            $slot = $this->came[$set][$slot];
            $set &= ~($this->bit[$m] ?? 0);
        }

        return $placed;
    }

    private static function members(int $set): int
    {
        return substr_count(decbin($set), '1');
    }

    private function packed(int $evenings, int $home, int $waiting): int
    {
        [$a, $b, $c] = (new Cost($evenings, $home, $waiting))->inOrder($this->order);

        return ((($a << self::BITS) + $b) << self::BITS) + $c;
    }

    /**
     * The place of the last that is no later, or -1.
     *
     * @param  list<int>  $sorted
     */
    private static function lastUpTo(array $sorted, int $most): int
    {
        for ($i = count($sorted) - 1; $i >= 0 && $sorted[$i] > $most; $i--);

        return $i;
    }
}
