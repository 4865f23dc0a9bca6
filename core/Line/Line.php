<?php

declare(strict_types=1);

namespace Recess\Line;

/**
 * Who waits for a host, and how long still: from the plan, the meeting under way, how long meetings have taken today, who
 * is missing, breaks, and gaps that take lateness up.
 *
 * The rest of the day is gone through as a host does it: whoever is free next takes the first of the plan who is there.
 * Those who are not there yet count by how likely they still come.
 */
final readonly class Line
{
    /** How likely somebody comes whose time has not come yet; and how likely still, once it has. Common practice, no published source. */
    private const COMES = 0.92;

    private const COMES_LATE = 0.5;

    private const COMES_AFTER_ALL = 0.1;

    /** Seconds before their time at which people are mostly there. */
    private const EARLY = 180;

    /** Seconds from now after which whoever is late may be there. */
    private const SOON = 120;

    /** @param  list<Turn>  $turns in the order of the day */
    private function __construct(
        public int $now,
        private array $turns,
        private Pace $pace,
        private int $free,
        private int $missingAfter,
        private int $late,
    ) {}

    /**
     * @param  list<Turn>  $turns  of the host's day
     * @param  int|null  $backAt  the instant at which a break ends
     * @param  int  $late  seconds by which the host says they are late
     * @param  int  $missingAfter  seconds after which somebody who is not there counts as missing
     */
    public static function of(array $turns, int $now, ?int $backAt = null, int $late = 0, int $missingAfter = 300): self
    {
        usort($turns, static fn(Turn $a, Turn $b): int => [$a->order(), $a->id] <=> [$b->order(), $b->id]);

        return new self($now, $turns, Pace::of($turns), max($now, $backAt ?? $now), $missingAfter, $late);
    }

    /** @return array<int, Wait> of everybody who is still to come in, by the turn's number */
    public function waits(): array
    {
        $clock = (float) $this->free;
        $variance = 0.0;
        foreach ($this->turns as $turn) {
            if ($turn->isUnderWay()) {
                // Several who are in together go together: the last one counts.
                $clock = max($clock, $this->now + $this->pace->left($turn, $this->now - (int) $turn->called));
                $variance = max($variance, $this->pace->spread($turn) ** 2 / 2);
            }
        }
        $ahead = array_values(array_filter($this->turns, static fn(Turn $turn): bool => $turn->isAhead()));
        if ($this->late > 0 && isset($ahead[0]->planned)) {
            $clock = max($clock, $ahead[0]->planned->start + $this->late);
        }
        $waits = [];
        while ($ahead !== []) {
            $next = $this->next($ahead, $clock);
            // Those of one slot are let in together.
            $group = array_filter(
                $ahead,
                static fn(Turn $turn): bool => $turn === $next ||
                    ($turn->planned !== null && $next->planned !== null && $turn->planned->equals($next->planned)),
            );
            $clock = max($clock, $this->there($next));
            foreach ($group as $turn) {
                $waits[$turn->id] = Wait::about((int) round($clock), sqrt($variance), $this->now);
            }
            $comes = max($this->comes($next), ...array_map($this->comes(...), array_values($group)));
            $takes = $this->pace->takes($next);
            $variance += $comes * $this->pace->spread($next) ** 2 + $comes * (1 - $comes) * $takes ** 2;
            $clock += $comes * $takes;
            $ahead = array_values(array_udiff($ahead, $group, static fn(Turn $a, Turn $b): int => $a->id <=> $b->id));
        }

        return $waits;
    }

    /** @return array<int, int> seconds by which each who is still to come in probably begins after the plan; 0 and more */
    public function lateness(): array
    {
        $late = [];
        $waits = $this->waits();
        foreach ($this->turns as $turn) {
            if ($turn->planned !== null && isset($waits[$turn->id])) {
                $late[$turn->id] = max(0, $waits[$turn->id]->expected - $turn->planned->start);
            }
        }

        return $late;
    }

    /**
     * Whom the host takes who is free at that time: the first of the plan who is there, or else who is there first.
     *
     * @param  non-empty-list<Turn>  $ahead
     */
    private function next(array $ahead, float $clock): Turn
    {
        $first = $ahead[0];
        foreach ($ahead as $turn) {
            if ($this->there($turn) <= $clock) {
                return $turn;
            }
            if ($this->there($turn) < $this->there($first)) {
                $first = $turn;
            }
        }

        return $first;
    }

    /** The instant from which somebody can be called in. */
    private function there(Turn $turn): int
    {
        return match (true) {
            $turn->arrived !== null || $turn->planned === null => $this->now,
            // Whose time has come and who is not there: not before whoever is.
            $turn->planned->start <= $this->now => $this->now + self::SOON,
            default => max($this->now, $turn->planned->start - self::EARLY),
        };
    }

    private function comes(Turn $turn): float
    {
        return match (true) {
            $turn->arrived !== null || $turn->planned === null => 1.0,
            $this->now < $turn->planned->start => self::COMES,
            $turn->isMissing($this->now, $this->missingAfter) => self::COMES_AFTER_ALL,
            default => self::COMES_LATE,
        };
    }
}
