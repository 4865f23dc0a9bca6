<?php

declare(strict_types=1);

namespace Recess;

use Recess\Rules\Because;
use Recess\Rules\Reason;
use Recess\Rules\Rule;
use Recess\Rules\State;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/**
 * Who of a sheet's hosts can take in whom, and when: nobody is in two meetings, a slot has so many seats, and a host
 * bears so many meetings a day. All questions about seats and hosts come here.
 */
final readonly class Seating implements Rule
{
    /**
     * @param  int  $seats  of each slot, with each host
     * @param  array<int, int>  $added  more seats, by the start of the slot: "in case somebody doesn't come"
     * @param  int|null  $perDay  meetings that a host bears on one date
     * @param  Spans|null  $away  when somebody who has to be there is elsewhere; null where nobody has to
     * @param  array<int, Spans>  $elsewhere  when each of those who are met is elsewhere
     * @param  array<int, array<int, int>>  $taken  seats by host and start of the slot
     * @param  array<int, array<int, int>>  $meetings  of all sheets, by host and day number
     */
    private function __construct(
        private Zone $zone,
        private Hosts $hosts,
        private int $seats,
        private array $added,
        private ?int $perDay,
        private ?Spans $away,
        private array $elsewhere,
        private array $taken,
        private array $meetings,
        // Of thousands of slots that are taken each would have one of its own.
        private Reason $noSeat = new Reason(Because::NoSeat, State::Taken),
        private Reason $busy = new Reason(Because::HostBusy, State::Busy),
        private Reason $dayFull = new Reason(Because::DayFull, State::Taken),
    ) {}

    /** @param  array<int, int>  $ends  of the sheet's slots on the dates that the world knows, by their start */
    public static function of(Sheet $sheet, World $world, array $ends): self
    {
        $elsewhere = array_fill_keys($sheet->hosts->all(), []);
        $perDay = $sheet->rules->wholeOrNone('per_day');
        $taken = $meetings = [];
        foreach ($world->held as $held) {
            if (!isset($elsewhere[$held->host])) {
                continue;
            }
            if ($perDay !== null) {
                $day = $sheet->zone->dayAt($held->span->start);
                $meetings[$held->host][$day] = ($meetings[$held->host][$day] ?? 0) + 1;
            }
            // A booking on a slot that the sheet has no more is in the way of those it has; so is the rest of a longer one.
            $isRest = $held->alongside && in_array($held->host, $sheet->hosts->meeting, true);
            if (!$held->ours || $isRest || ($ends[$held->span->start] ?? null) !== $held->span->end) {
                $elsewhere[$held->host][] = $held->span;
            } elseif (!$held->alongside) {
                $taken[$held->host][$held->span->start] = $held->seats;
            }
        }
        $spans = [];
        foreach ($elsewhere as $host => $held) {
            $spans[$host] =
                $held === []
                    ? $world->busy[$host] ?? Spans::none()
                    : Spans::of([...$held, ...($world->busy[$host] ?? Spans::none())->all()]);
        }
        $away = null;
        foreach ($sheet->hosts->alongside as $host) {
            $away = $away?->union($spans[$host]) ?? $spans[$host];
        }

        return new self(
            $sheet->zone,
            $sheet->hosts,
            $sheet->rules->whole('seats'),
            $sheet->seatsAdded,
            $perDay,
            $away,
            array_intersect_key($spans, array_flip($sheet->hosts->meeting)),
            $taken,
            $meetings,
        );
    }

    public function against(Span $slot, World $world): ?Reason
    {
        $start = $slot->start;
        $seats = $this->seats + ($this->added[$start] ?? 0);
        $noSeat = $busy = false;
        $away = $this->away !== null && $this->away->touches($slot);
        foreach ($this->elsewhere as $host => $spans) {
            if (isset($this->taken[$host][$start]) && $this->taken[$host][$start] >= $seats) {
                $noSeat = true;
            } elseif ($away || $spans->touches($slot)) {
                $busy = true;
            } elseif ($this->perDay === null || !$this->hasEnough($host, $slot)) {
                return null;
            }
        }

        return match (true) {
            $noSeat => $this->noSeat,
            $busy => $this->busy,
            default => $this->dayFull,
        };
    }

    public function capacity(Span $slot): Capacity
    {
        $each = $this->seatsEach($slot);
        $left = $taken = 0;
        foreach ($this->hosts->meeting as $host) {
            $theirs = $this->taken[$host][$slot->start] ?? 0;
            $taken += $theirs;
            $left += $this->canCome($host, $slot) ? max(0, $each - $theirs) : 0;
        }

        return new Capacity($each * count($this->hosts->meeting), $left, $taken);
    }

    /** How many seats the slot has with each host. */
    public function seatsEach(Span $slot): int
    {
        return $this->seats + ($this->added[$slot->start] ?? 0);
    }

    /** @return list<int> those of whom one is met who have a seat for it, the first one preferred */
    public function hostsFor(Span $slot): array
    {
        return array_values(
            array_filter(
                $this->hosts->meeting,
                fn(int $host): bool => ($this->taken[$host][$slot->start] ?? 0) < $this->seatsEach($slot) &&
                    $this->canCome($host, $slot),
            ),
        );
    }

    private function canCome(int $host, Span $slot): bool
    {
        return $this->away?->touches($slot) !== true &&
            !$this->elsewhere[$host]->touches($slot) &&
            !$this->hasEnough($host, $slot);
    }

    /** Whoever joins a meeting that the host has anyway makes it no more meetings. */
    private function hasEnough(int $host, Span $slot): bool
    {
        return $this->perDay !== null &&
            !isset($this->taken[$host][$slot->start]) &&
            ($this->meetings[$host][$this->zone->dayAt($slot->start)] ?? 0) >= $this->perDay;
    }
}
