<?php

declare(strict_types=1);

namespace Recess;

use Recess\Rules\SheetIs;
use Recess\Rules\Stated;
use Recess\Rules\Travel;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Pieces;
use Recess\Slots\SlotsNotValid;
use Recess\Slots\Tally;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/** What a staff member publishes, as far as time is concerned: which slots there are. Which of them can be had, a Timetable says. */
final readonly class Sheet
{
    /** Of a repeat that never ends, so many days ahead are looked at. */
    private const HORIZON = 400;

    /** Nothing is looked at further ahead than this, in days. */
    private const FURTHEST = 3 * 366;

    /** Days of the first look for dates on which something falls; each further look is three times as long. */
    private const LOOK = 28;

    /**
     * @param  list<Block>  $blocks
     * @param  non-empty-array<int, string|null>  $places  where its meetings can be, by number: what tells one place from another, or null where nobody has to walk
     * @param  array<int, int>  $seatsAdded  to single slots, by their start
     */
    public function __construct(
        public Zone $zone,
        public array $blocks,
        public Hosts $hosts,
        public Stated $rules,
        public array $places = [null],
        /** Dates on which no block falls. */
        public ?Dates $closedDays = null,
        /** Whether stretches of one length that overlap become one; if not, they are refused. */
        public bool $joining = false,
        /** Why it gives out nothing, when it does. */
        public ?SheetIs $shut = null,
        public array $seatsAdded = [],
        /** Slots that its host has closed by hand. */
        public ?Spans $slotsClosed = null,
        public Travel $travel = new Travel(0),
        /** @var list<DateRange> the school's terms, where a rule counts by them */
        public array $terms = [],
    ) {}

    /** Whether its meetings can be at different places at different times. */
    public function hasOwnPlaces(): bool
    {
        foreach ($this->blocks as $block) {
            if ($block->places !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, string|null> those of its places at which a slot's meeting can be, as it has them */
    public function placesAt(Span $slot): array
    {
        if (!$this->hasOwnPlaces()) {
            return $this->places;
        }
        $date = $this->zone->dateAt($slot->start);
        $numbers = array_keys($this->places);
        $there = [];
        foreach ($this->blocks as $block) {
            foreach ($block->spans($date->plusDays(-1), $date->plusDays(1), $this->zone, $this->closedDays) as $span) {
                if ($span->holds($slot->start)) {
                    $own = array_intersect_key($numbers, array_flip($block->places));
                    // A block whose own places are all gone is at any of those that are left.
                    $there += array_flip($own === [] ? $numbers : $own);
                }
            }
        }

        return $there === [] ? $this->places : array_intersect_key($this->places, $there);
    }

    /** The same sheet where other days are closed. */
    public function withClosedDays(Dates $closedDays): self
    {
        return $this->timed($this->blocks, $closedDays, $this->slotsClosed);
    }

    /**
     * The same sheet at other times.
     *
     * @param  list<Block>  $blocks
     */
    public function withBlocks(array $blocks): self
    {
        return $this->timed($blocks, $this->closedDays, $this->slotsClosed);
    }

    /** The same sheet with slots closed by hand at other times. */
    public function withSlotsClosed(?Spans $slots): self
    {
        return $this->timed($this->blocks, $this->closedDays, $slots);
    }

    /** Whether it makes that very slot. */
    public function hasSlot(Span $slot): bool
    {
        $date = $this->zone->dateAt($slot->start);
        foreach ($this->pieces($date->plusDays(-1), $date->plusDays(1)) as $pieces) {
            foreach ($pieces->slots as $one) {
                if ($one->equals($slot)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** As if it had that one time alone: of a meeting whose time is no slot of the sheet, or not yet. */
    public function only(Span $slot): self
    {
        return $this->timed([Block::alone($slot, $this->zone)], null, null);
    }

    /** @param  list<Block>  $blocks */
    private function timed(array $blocks, ?Dates $closedDays, ?Spans $slotsClosed): self
    {
        return new self(
            $this->zone,
            $blocks,
            $this->hosts,
            $this->rules,
            $this->places,
            $closedDays,
            $this->joining,
            $this->shut,
            $this->seatsAdded,
            $slotsClosed,
            $this->travel,
        );
    }

    /**
     * The stretches that begin on the dates asked about, each with its slots and what is left over, in order.
     *
     * @param  LocalDate  $before  the first date no longer asked about
     * @return list<Pieces>
     *
     * @throws SlotsNotValid when two overlap that are not to be joined, or cannot be
     */
    public function pieces(LocalDate $from, LocalDate $before): array
    {
        return array_map(static fn(array $one): Pieces => $one[1]->pieces($one[0]), $this->cuts($from, $before));
    }

    /**
     * The same stretches before they are cut: a term has hundreds where it has ten thousand slots.
     *
     * @return list<Span>
     *
     * @throws SlotsNotValid
     */
    public function stretches(LocalDate $from, LocalDate $before): array
    {
        return array_column($this->cuts($from, $before), 0);
    }

    /** How many slots there are on each day, and what is left over, without making one. */
    public function tally(LocalDate $from, LocalDate $before): Tally
    {
        $slots = $left = [];
        foreach ($this->cuts($from, $before) as [$stretch, $cut]) {
            $day = $this->zone->dayAt($stretch->start);
            $slots[$day] = ($slots[$day] ?? 0) + $cut->count($stretch);
            $left[$day] = ($left[$day] ?? 0) + $cut->leftOver($stretch);
        }

        return new Tally($slots, $left);
    }

    /**
     * @return list<array{Span, Cut}> in order, those that overlap joined
     *
     * @throws SlotsNotValid
     */
    private function cuts(LocalDate $from, LocalDate $before): array
    {
        $all = [];
        foreach ($this->blocks as $block) {
            foreach ($block->spans($from, $before, $this->zone, $this->closedDays) as $span) {
                $all[] = [$span, $block->cut];
            }
        }
        usort($all, static fn(array $a, array $b): int => $a[0]->start <=> $b[0]->start);
        $apart = [];
        foreach ($all as [$span, $cut]) {
            $last = $apart === [] ? null : $apart[count($apart) - 1];
            if ($last !== null && $last[0]->overlaps($span)) {
                $apart[count($apart) - 1] = [$this->joined($last[0], $last[1], $span, $cut), $cut];
            } else {
                $apart[] = [$span, $cut];
            }
        }

        return $apart;
    }

    private function joined(Span $one, Cut $cut, Span $other, Cut $otherCut): Span
    {
        if (!$this->joining || $cut != $otherCut) {
            throw SlotsNotValid::blocksOverlap($this->said($one), $this->said($other));
        }

        return Span::of($one->start, max($one->end, $other->end));
    }

    private function said(Span $span): Message
    {
        return Message::of(
            'given.date_and_hours',
            date: $this->zone->dateAt($span->start),
            from: $this->zone->timeAt($span->start),
            until: $this->zone->timeAt($span->end),
        );
    }

    /** How many slots there are on those dates: what a term promises, before anything is saved. */
    public function count(LocalDate $from, LocalDate $before): int
    {
        return $this->tally($from, $before)->all();
    }

    /**
     * The first slots that it ever makes, in order; of a repeat without end as far as a sheet reaches.
     *
     * @return list<Span>
     *
     * @throws SlotsNotValid
     */
    public function firstSlots(int $atMost, LocalDate $today): array
    {
        [$start, $end] = $this->reach($today);
        $slots = [];
        for ($look = self::LOOK; $start->isBefore($end) && count($slots) < $atMost; $start = $before, $look *= 3) {
            $before = $start->plusDays($look)->isBefore($end) ? $start->plusDays($look) : $end;
            array_push(
                $slots,
                ...array_merge(
                    ...array_map(static fn(Pieces $pieces): array => $pieces->slots, $this->pieces($start, $before)),
                ),
            );
        }

        return array_slice($slots, 0, $atMost);
    }

    /**
     * The first so many dates with anything that is not over, and where the next ones begin: what a page draws.
     *
     * @param  int  $over  what has ended by that instant is over; 0 for whatever there was
     * @return array{DateRange|null, LocalDate|null} from the first to the last of them, and the date after them that has some
     */
    public function firstDates(LocalDate $from, int $atMost, LocalDate $today, int $over = 0): array
    {
        [$first, $end] = $this->reach($today);
        $start = $from->isAfter($first) ? $from : $first;
        $days = [];
        for ($look = self::LOOK; $start->isBefore($end); $look *= 3) {
            $before = $start->plusDays($look)->isBefore($end) ? $start->plusDays($look) : $end;
            foreach ($this->pieces($start, $before) as $pieces) {
                $last = $pieces->slots[count($pieces->slots) - 1] ?? null;
                if ($last === null || $last->end <= $over) {
                    continue;
                }
                $day = $this->zone->dayAt($pieces->stretch->start);
                if (!isset($days[$day]) && count($days) === $atMost) {
                    return [self::fromTo($days), LocalDate::fromDay($day)];
                }
                $days[$day] = true;
            }
            $start = $before;
        }

        return [self::fromTo($days), null];
    }

    /** @param  array<int, true>  $days  by day number, in order */
    private static function fromTo(array $days): ?DateRange
    {
        return $days === []
            ? null
            : DateRange::of(LocalDate::fromDay(array_key_first($days)), LocalDate::fromDay(array_key_last($days)));
    }

    /**
     * The dates on which it can have slots.
     *
     * @return array{LocalDate, LocalDate} the first of them, and the first after all of them
     */
    public function reach(LocalDate $today): array
    {
        $first = $last = [];
        foreach ($this->blocks as $block) {
            $moved = array_filter(array_map(static fn($change): ?LocalDate => $change->date, $block->changes));
            $days = array_map(static fn(LocalDate $date): int => $date->day, $moved);
            $first[] = min([$block->pattern->first()->day, ...$days]);
            $last[] = max([
                $block->pattern->last()->day ?? max($today->day, $block->pattern->first()->day) + self::HORIZON,
                ...$days,
            ]);
        }
        $from = $first === [] ? $today->day : min($first);

        return [
            LocalDate::fromDay($from),
            LocalDate::fromDay(min(max([$from, ...$last]), $today->day + self::FURTHEST) + 1),
        ];
    }

    /** All dates on which it can have slots; null when there are none. */
    public function dates(LocalDate $today): ?DateRange
    {
        [$first, $before] = $this->reach($today);

        return $this->blocks === [] || !$first->isBefore($before) ? null : DateRange::of($first, $before->plusDays(-1));
    }
}
