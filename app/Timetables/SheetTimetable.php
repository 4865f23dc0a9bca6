<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\SlotChange;
use Recess\Offer;
use Recess\Rules\Busy;
use Recess\Rules\Claims;
use Recess\Rules\CoHosts;
use Recess\Rules\Elsewhere;
use Recess\Rules\Past;
use Recess\Rules\Rule;
use Recess\Rules\Rules;
use Recess\Rules\SheetIs;
use Recess\Rules\Situation;
use Recess\Rules\SlotClosed;
use Recess\Rules\Taken;
use Recess\Rules\Travel;
use Recess\Slots\Block;
use Recess\Slots\Pieces;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Recess\Timetable;

/** A sheet as the core sees it: reads what is booked and asks the core the rest. */
final class SheetTimetable
{
    /** Of a repeat that never ends, so many days ahead are looked at. */
    private const HORIZON = 400;

    /** Days before and after a slot that are looked at for it. */
    private const NEAR = 15;

    /** Of what can be had instead of a slot, so many are named. */
    public const NEAREST = 3;

    public readonly Zone $zone;

    /** @var list<Pieces> */
    public readonly array $pieces;

    private readonly HostTimes $times;

    private readonly Taken $taken;

    /** @var array<int, int> seats added to single slots, by their start */
    private readonly array $extra;

    private readonly CoHosts $coHosts;

    private readonly Situation $situation;

    private readonly Rules $rules;

    /** @var list<Offer>|null judged when first asked for: whoever books asks about one slot */
    private ?array $offers = null;

    /**
     * @param  Onlooker|null  $visitor  whoever looks; null for the host, to whom a paused sheet shows its times
     * @param  LocalDate|null  $from  the first date asked about; the sheet's first when null
     * @param  LocalDate|null  $before  the first date no longer asked about
     * @param  bool  $emptied  as if nobody had booked on this sheet, to see where its bookings could go
     * @param  self|null  $like  of the same dates, for somebody else: what is cut and read of these once is enough
     */
    public function __construct(
        public readonly Sheet $sheet,
        public readonly int $now,
        public readonly ?Onlooker $visitor = null,
        private readonly ?LocalDate $from = null,
        private readonly ?LocalDate $before = null,
        bool $emptied = false,
        ?self $like = null,
    ) {
        $this->zone = $sheet->host->school->timeZone();
        $closedDays = $sheet->host->school->closedDays();
        [$this->pieces, $this->times] = $like === null ? $this->cut($closedDays, $emptied) : [$like->pieces, $like->times];
        $elsewhere = $this->times->elsewhere;
        $anyOne = array_flip($sheet->anyOne());
        $this->extra = self::extraSeats($sheet);
        $this->taken = new Taken($sheet->rules->seats, $this->extra);
        $this->coHosts = new CoHosts(array_values(array_diff_key($elsewhere, $anyOne, [$sheet->staff_id => true])), array_intersect_key($elsewhere, $anyOne));
        $this->situation = new Situation(
            $now,
            $this->times->seatsTaken,
            $anyOne === [] ? $elsewhere[$sheet->staff_id] ?? Spans::none() : null,
            $this->times->bookedOn,
            $visitor->visitor ?? new Claims,
            $visitor->student ?? new Claims,
        );
        $this->rules = Rules::of(new Past, $this->taken, new Busy, $this->coHosts, ...$sheet->rules->coreRules($this->zone, $closedDays), ...$this->moreRules());
    }

    /** The days around an instant: what is free instead of a slot lies near, and a term of rulers is not needed to decide about one. */
    public static function around(int $instant, Sheet $sheet, int $now, Onlooker $visitor): self
    {
        $day = $sheet->host->school->timeZone()->dateAt($instant);

        return new self($sheet, $now, $visitor, $day->plusDays(-self::NEAR), $day->plusDays(self::NEAR + 1));
    }

    /** @return array{list<Pieces>, HostTimes} the stretches of the dates asked about, cut, and what is known of their hosts then */
    private function cut(Dates $closedDays, bool $emptied): array
    {
        $blocks = $this->sheet->coreBlocks();
        [$first, $last] = self::reach($blocks, $this->zone->dateAt($this->now));
        $first = $this->from !== null && $this->from->isAfter($first) ? $this->from : $first;
        $before = $this->before !== null && $this->before->isBefore($last) ? $this->before : $last;
        $plain = Timetable::of($this->zone, $blocks, Rules::of(), $closedDays, $this->sheet->joining);
        $pieces = $before->isAfter($first) ? $plain->pieces($first, $before) : [];
        $range = Span::of($this->zone->instant($first, 0), max($this->zone->instant($before, 1440), $this->zone->instant($first, 1440)));

        return [$pieces, HostTimes::of($this->sheet, $pieces, $range, $this->zone, $this->now, $emptied)];
    }

    /** The same times as somebody else sees them; null is the host. */
    public function seenBy(?Onlooker $visitor): self
    {
        return new self($this->sheet, $this->now, $visitor, $this->from, $this->before, like: $this);
    }

    /** @return list<Offer> every slot with its verdict, in order */
    public function offers(): array
    {
        return $this->offers ??= array_map($this->judged(...), $this->slots());
    }

    /** @return list<Span> */
    private function slots(): array
    {
        return array_merge(...array_map(static fn (Pieces $pieces): array => $pieces->slots, $this->pieces));
    }

    private function judged(Span $slot): Offer
    {
        return new Offer($slot, $this->rules->verdict($slot, $this->situation));
    }

    /** @return list<Rule> */
    private function moreRules(): array
    {
        $closed = $this->sheet->slotChanges->filter(static fn (SlotChange $change): bool => $change->closed);
        $rules = [];
        if ($closed->isNotEmpty()) {
            $rules[] = new SlotClosed(Spans::of(array_values($closed->map(static fn (SlotChange $change): Span => $change->span())->all())));
        }
        if ($this->visitor !== null) {
            $rules[] = $this->elsewhere($this->visitor);
            array_push($rules, ...match ($this->sheet->state) {
                SheetState::Paused => [SheetIs::paused()],
                SheetState::Closed => [SheetIs::closed()],
                SheetState::Draft => [SheetIs::draft()],
                SheetState::Open => [],
            });
        }

        return $rules;
    }

    /** @return array<int, int> by the start of the slot */
    private static function extraSeats(Sheet $sheet): array
    {
        $extra = [];
        foreach ($sheet->slotChanges as $change) {
            $extra[$change->starts_at->getTimestamp()] = $change->extra_seats;
        }

        return $extra;
    }

    /**
     * @param  list<Block>  $blocks
     * @return array{LocalDate, LocalDate} the first date that can have a slot, and the first after all that can
     */
    private static function reach(array $blocks, LocalDate $today): array
    {
        $first = $last = [];
        foreach ($blocks as $block) {
            $moved = array_filter(array_map(static fn ($change): ?LocalDate => $change->date, $block->changes));
            $days = array_map(static fn (LocalDate $date): int => $date->day, $moved);
            $first[] = min([$block->pattern->first()->day, ...$days]);
            $last[] = max([$block->pattern->last()->day ?? $today->day + self::HORIZON, ...$days]);
        }
        $from = $first === [] ? $today->day : min($first);

        return [LocalDate::fromDay($from), LocalDate::fromDay(min(max([$from, ...$last]), $today->day + 3 * 366) + 1)];
    }

    /**
     * The stretches of a sheet within some dates, whatever is booked on them.
     *
     * @return list<Span>
     */
    public static function stretches(Sheet $sheet, LocalDate $from, LocalDate $before): array
    {
        $school = $sheet->host->school;
        $plain = Timetable::of($school->timeZone(), $sheet->coreBlocks(), Rules::of(), $school->closedDays(), $sheet->joining);

        return array_map(static fn (Pieces $pieces): Span => $pieces->stretch, $plain->pieces($from, $before));
    }

    public function today(): LocalDate
    {
        return $this->zone->dateAt($this->now);
    }

    public function slotAt(int $start): ?Span
    {
        foreach ($this->pieces as $pieces) {
            if ($pieces->stretch->start <= $start && $start < $pieces->stretch->end) {
                foreach ($pieces->slots as $slot) {
                    if ($slot->start === $start) {
                        return $slot;
                    }
                }
            }
        }

        return null;
    }

    public function offerAt(int $start): ?Offer
    {
        $slot = $this->slotAt($start);

        return $slot === null ? null : $this->judged($slot);
    }

    public function seatsLeft(Span $slot): int
    {
        return $this->sheet->anyOne() === [] ? $this->taken->left($slot, $this->situation) : count($this->coHosts->freeFor($slot));
    }

    /** How many seats the slot has, whether taken or not. */
    public function seatsOf(Span $slot): int
    {
        return $this->sheet->rules->seats + ($this->extra[$slot->start] ?? 0);
    }

    private function elsewhere(Onlooker $visitor): Elsewhere
    {
        return new Elsewhere(new Travel(max(0, $this->sheet->host->school->travel_minutes)), array_values($visitor->places));
    }

    /** @return list<int>|null those of the places that the visitor can get to in time; null when all are the same to them */
    public function placesFor(Span $slot): ?array
    {
        if ($this->visitor === null || $this->visitor->isAnybody() || count($this->visitor->places) === 1) {
            return null;
        }
        $ids = array_keys($this->visitor->places);

        return array_map(static fn (int $position): int => $ids[$position], $this->elsewhere($this->visitor)->reachable($slot, $this->situation));
    }

    /** @return list<int> the hosts of whom one is enough who are free then, the sheet's own first */
    public function freeHosts(Span $slot): array
    {
        return array_map(intval(...), $this->coHosts->freeFor($slot));
    }

    /**
     * @param  int|null  $host  the one of several whom it has to be
     * @return list<Span>
     */
    public function nearestFree(int $start, ?int $host = null): array
    {
        $offers = $host === null ? $this->offers() : array_values(array_filter($this->offers(), fn (Offer $offer): bool => in_array($host, $this->freeHosts($offer->slot), true)));

        return Timetable::nearestFree($offers, $start, self::NEAREST);
    }

    /**
     * Whom the slot's meeting could be with, the first one preferred; nobody when the one who is wished for is not free.
     *
     * @param  int|null  $chosen  of hosts of whom one is enough
     * @return list<int>
     */
    public function hostsFor(Span $slot, ?int $chosen = null): array
    {
        $anyOne = $this->sheet->anyOne();
        if ($anyOne === []) {
            return [$this->sheet->staff_id];
        }
        $free = $this->freeHosts($slot);

        return $chosen === null ? ($free ?: $anyOne) : array_values(array_intersect($free, [$chosen]));
    }

    /** @return list<Offer> */
    public function free(): array
    {
        return array_values(array_filter($this->offers(), static fn (Offer $offer): bool => $offer->verdict->isFree()));
    }

    /** How many of its slots somebody has. */
    public function countTaken(): int
    {
        return count(array_filter($this->offers(), fn (Offer $offer): bool => ($this->situation->seatsTaken[$offer->slot->start] ?? 0) > 0));
    }
}
