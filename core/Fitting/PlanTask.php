<?php

declare(strict_types=1);

namespace Recess\Fitting;

use Recess\Time\Span;
use Recess\Time\Zone;

/**
 * What is to be planned, as plain numbers: meetings, slots and days by index, so that thousands of tries cost little.
 *
 * @internal to the planner
 */
final class PlanTask
{
    /** @var list<int> by slot: instants */
    public array $start = [];

    /** @var list<int> */
    public array $end = [];

    /** @var list<int> by slot: the day's index */
    public array $day = [];

    /** @var list<int> by slot: of two meetings at slots of one column, only one can be held */
    public array $column = [];

    /** @var list<list<int>> slots by meeting, in the order of their ends */
    public array $slotsOf = [];

    /** @var list<list<int>> seconds between meeting and meeting */
    public array $gap = [];

    /** @var list<int> by day: what the clock reads at its midnight, as the seconds it would be in UTC */
    public array $midnight = [];

    /** @var list<list<int>> by day: all instants at which a slot starts, in order */
    public array $starts = [];

    /** @var list<list<int>> */
    public array $ends = [];

    /** @var list<int> by meeting: the longest it can be, in seconds */
    public array $lengths = [];

    /** @var list<int> by meeting: the shortest it can be */
    private array $shortestOf = [];

    /** @var list<int> all the lengths so far, the longest first: so many meetings are no longer together */
    private array $together = [0];

    /** @var list<int> the same of the shortest that each can be */
    private array $atLeast = [0];

    /** @var list<int> by number of meetings: held one after the other on one day, so many wait no less, in seconds */
    private array $waits = [0];

    private readonly Zone $zone;

    public function __construct(Coming $coming)
    {
        $this->zone = $coming->zone;
        $days = [];
        foreach ($coming->wanted as $m => $meeting) {
            $this->gap[] = array_map(
                static fn(Wanted $other): int => $coming->between->seconds($meeting->place, $other->place),
                $coming->wanted,
            );
            $slots = array_filter($meeting->slots, static fn(Span $slot): bool => $slot->liesInOneOf($coming->windows));
            usort($slots, static fn(Span $a, Span $b): int => [$a->end, $a->start] <=> [$b->end, $b->start]);
            $this->slotsOf[$m] = [];
            $seconds = array_map(static fn(Span $slot): int => $slot->seconds(), $slots);
            $this->lengths[] = max([0, ...$seconds]);
            $this->shortestOf[] = min([PHP_INT_MAX, ...$seconds]);
            foreach ($slots as $slot) {
                $this->slotsOf[$m][] = count($this->start);
                $this->start[] = $slot->start;
                $this->end[] = $slot->end;
                $days[] = $this->zone->dayAt($slot->start);
            }
        }
        $known = array_values(array_unique($days));
        sort($known);
        $index = array_flip($known);
        $this->day = array_map(static fn(int $day): int => $index[$day], $days);
        foreach ($known as $d => $day) {
            $here = array_keys($this->day, $d, true);
            $this->midnight[] = $day * 86_400;
            $this->starts[] = self::sorted(array_map(fn(int $s): int => $this->start[$s], $here));
            $this->ends[] = self::sorted(array_map(fn(int $s): int => $this->end[$s], $here));
        }
        $lengths = $this->lengths;
        rsort($lengths);
        $shortest = $this->shortestOf;
        sort($shortest);
        foreach ($lengths as $i => $length) {
            $this->together[] = $this->together[$i] + $length;
            $this->atLeast[] = $shortest[$i] === PHP_INT_MAX ? PHP_INT_MAX : $this->atLeast[$i] + $shortest[$i];
        }
        $this->cutIntoColumns();
        $this->addUpWaits();
    }

    /** So many meetings together are no shorter than this, in seconds. */
    public function shortest(int $meetings): int
    {
        return $this->atLeast[$meetings];
    }

    /** So many meetings together are no longer than this, in seconds. */
    public function longest(int $meetings): int
    {
        return $this->together[$meetings];
    }

    /** Seconds on the clock from the day's midnight to that instant. */
    public function home(int $day, int $end): int
    {
        return $this->zone->readingAt($end) - $this->midnight[$day];
    }

    /** The instant at which the first slot of that slot's day starts. */
    public function dayStart(int $slot): int
    {
        return $this->starts[$this->day[$slot]][0];
    }

    /** @param  array<int, int>  $placed  the slot of each meeting that has one */
    public function goesWith(int $m, int $slot, array $placed): bool
    {
        foreach ($placed as $other => $s) {
            $gap = $this->gap[$m][$other];
            if ($this->start[$slot] < $this->end[$s] + $gap && $this->start[$s] < $this->end[$slot] + $gap) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether only the meeting just before has to be looked at: a way is never longer than by a detour through a third
     * meeting, and nobody walks past midnight. And whether the days are few enough for costs in one number.
     */
    public function isPlain(): bool
    {
        foreach ($this->gap as $a => $ways) {
            foreach ($ways as $b => $way) {
                foreach ($this->gap as $c => $others) {
                    if ($c !== $a && $c !== $b && $a !== $b && $way > $ways[$c] + $this->shortestOf[$c] + $others[$b]) {
                        return false;
                    }
                }
            }
        }
        $longest = max([0, ...array_merge(...$this->gap)]);
        foreach ($this->ends as $d => $ends) {
            if (isset($this->starts[$d + 1]) && end($ends) + $longest > $this->starts[$d + 1][0]) {
                return false;
            }
        }

        return count($this->starts) <= 8;
    }

    /** A slot together with the shortest way away from it is a stretch that no other meeting's stretch may meet. */
    private function cutIntoColumns(): void
    {
        $untils = [];
        foreach ($this->slotsOf as $m => $slots) {
            $ways = $this->gap[$m];
            unset($ways[$m]);
            $way = $ways === [] ? 0 : min($ways);
            foreach ($slots as $s) {
                $untils[$s] = $this->end[$s] + $way;
            }
        }
        $columns = Columns::cut($this->start, $untils);
        ksort($columns);
        $this->column = array_values($columns);
    }

    /**
     * Of two meetings that follow one another on a day, some wait no less than the shortest time from a slot of the one to a
     * slot of the other. Meetings on days make chains; chains with so many links are no cheaper than the cheapest links
     * that make no circle (Kruskal 1956).
     */
    private function addUpWaits(): void
    {
        /** @var list<array{int, int, int}> $links */
        $links = [];
        for ($m = 0; $m < count($this->slotsOf); $m++) {
            for ($other = 0; $other < $m; $other++) {
                $wait = min($this->wait($m, $other), $this->wait($other, $m));
                if ($wait < PHP_INT_MAX) {
                    $links[] = [$wait, $m, $other];
                }
            }
        }
        sort($links);
        $group = array_keys($this->slotsOf);
        foreach ($links as [$wait, $m, $other]) {
            if ($group[$m] !== $group[$other]) {
                $this->waits[] = end($this->waits) + $wait;
                $group = array_map(static fn(int $of): int => $of === $group[$m] ? $group[$other] : $of, $group);
            }
        }
    }

    /** The shortest time from the end of a slot of one meeting to a slot of the other on that day. */
    private function wait(int $m, int $next): int
    {
        $least = PHP_INT_MAX;
        $dayOf = [];
        foreach ($this->slotsOf[$next] as $s) {
            $dayOf[$this->start[$s]] = $this->day[$s];
        }
        ksort($dayOf);
        $starts = array_keys($dayOf);
        $i = 0;
        foreach ($this->slotsOf[$m] as $s) {
            while (isset($starts[$i]) && $starts[$i] < $this->end[$s] + $this->gap[$m][$next]) {
                $i++;
            }
            if (isset($starts[$i]) && $dayOf[$starts[$i]] === $this->day[$s]) {
                $least = min($least, $starts[$i] - $this->end[$s]);
            }
        }

        return $least;
    }

    /** So many meetings, on so many days, wait no less than this between them, in seconds; null where they cannot be on so few days. */
    public function waits(int $meetings, int $days): ?int
    {
        return $this->waits[max(0, $meetings - $days)] ?? null;
    }

    /**
     * @param  list<int>  $instants
     * @return list<int>
     */
    private static function sorted(array $instants): array
    {
        $instants = array_values(array_unique($instants));
        sort($instants);

        return $instants;
    }
}
