<?php

declare(strict_types=1);

namespace Recess;

use Recess\Changes\Booked;
use Recess\Changes\Edit;
use Recess\Changes\Edited;
use Recess\Changes\Effect;
use Recess\Changes\Opening;
use Recess\Changes\Within;
use Recess\Rules\Because;
use Recess\Rules\Elsewhere;
use Recess\Rules\Ends;
use Recess\Rules\Interpreted;
use Recess\Rules\Past;
use Recess\Rules\Reason;
use Recess\Rules\Rulebook;
use Recess\Rules\Rules;
use Recess\Rules\SlotClosed;
use Recess\Rules\State;
use Recess\Rules\Verdict;
use Recess\Slots\InARow;
use Recess\Slots\Pieces;
use Recess\Time\Heap;
use Recess\Time\LocalDate;
use Recess\Time\Span;

/**
 * The one judge of a sheet: what of it can be had, by whom, with whom, where, until when, and what an edit does to whom.
 *
 * A sheet and a world go in; it answers for the dates that the world knows. Nothing else computes a verdict.
 */
final class Timetable
{
    /** @var list<Pieces> the stretches of the dates that the world knows, in order */
    public readonly array $pieces;

    private readonly Seating $seating;

    private readonly Elsewhere $elsewhere;

    private readonly Rules $rules;

    /** @var list<Offer>|null judged when first asked for: whoever books asks about one slot */
    private ?array $offers = null;

    /** @var array{list<Span>, array<int, int>}|null all slots in order, and where each is in them by its start */
    private ?array $slots = null;

    private function __construct(public readonly Sheet $sheet, public readonly World $world, ?self $sameTimes = null)
    {
        $this->pieces = $sameTimes->pieces ?? self::cut($sheet, $world);
        $this->seating = $sameTimes->seating ?? Seating::of($sheet, $world, self::ends($this->pieces));
        $asker = $world->asker;
        $chosen = $asker->place === null ? [] : array_intersect_key($sheet->places, [$asker->place => true]);
        $this->elsewhere = new Elsewhere(
            $sheet->travel,
            $chosen ?: $sheet->places,
            $sheet->hasOwnPlaces() ? $sheet : null,
        );
        $this->rules = Rules::of(
            new Past(),
            $this->seating,
            ...Rulebook::rulesOf($sheet),
            ...$asker->interpreters === null ? [] : [new Interpreted($asker->interpreters)],
            ...$sheet->slotsClosed === null ? [] : [new SlotClosed($sheet->slotsClosed)],
            ...$asker->isHost || ($asker->isAnybody() && $asker->place === null) ? [] : [$this->elsewhere],
            ...$asker->isHost ? [] : [...$sheet->shut === null ? [] : [$sheet->shut]],
        );
    }

    public static function of(Sheet $sheet, World $world): self
    {
        return Heap::calm(static fn(): self => new self($sheet, $world));
    }

    /** The same times as somebody else sees them. */
    public function seenBy(Asker $asker): self
    {
        return new self($this->sheet, $this->world->seenBy($asker), $this);
    }

    /** @return list<Pieces> */
    private static function cut(Sheet $sheet, World $world): array
    {
        $dates = $world->dates ?? $sheet->dates($sheet->zone->dateAt($world->now));

        return $dates === null ? [] : $sheet->pieces($dates->first, $dates->last->plusDays(1));
    }

    /**
     * @param  list<Pieces>  $pieces
     * @return array<int, int> the ends of slots by their starts
     */
    private static function ends(array $pieces): array
    {
        $ends = [];
        foreach ($pieces as $stretch) {
            foreach ($stretch->slots as $slot) {
                $ends[$slot->start] = $slot->end;
            }
        }

        return $ends;
    }

    /** @return list<Offer> every slot of the dates that the world knows, each with its verdict, in order */
    public function offers(): array
    {
        return $this->offers ??= Heap::calm($this->judged(...));
    }

    /** @return list<Offer> */
    private function judged(): array
    {
        $offers = [];
        $judge = $this->judging();
        foreach ($this->pieces as $pieces) {
            foreach ($pieces->slots as $slot) {
                $offers[] = new Offer($slot, $judge($slot));
            }
        }

        return $offers;
    }

    /** @return list<Offer> those that can be had */
    public function free(): array
    {
        return array_values(array_filter($this->offers(), static fn(Offer $offer): bool => $offer->verdict->isFree()));
    }

    /** The first that can be had, judging no more than it has to. */
    public function firstFree(): ?Offer
    {
        $judge = $this->judging();
        foreach ($this->pieces as $pieces) {
            foreach ($pieces->slots as $slot) {
                $verdict = $judge($slot);
                if ($verdict->isFree()) {
                    return new Offer($slot, $verdict);
                }
            }
        }

        return null;
    }

    /** When the first of those that only wait for their time can be had; null when none does. */
    public function opensAt(): ?int
    {
        $opens = array_filter(
            array_map(static fn(Offer $offer): ?int => $offer->verdict->changesAt(), $this->offers()),
        );

        return $opens === [] ? null : min($opens);
    }

    /** The first of those that wait for their time to be had, among those that wait for the shortest. */
    public function firstToOpen(): ?Offer
    {
        $opens = $this->opensAt();
        foreach ($this->offers() as $offer) {
            if ($opens !== null && $offer->verdict->changesAt() === $opens) {
                return $offer;
            }
        }

        return null;
    }

    /** Whether any slot has not begun yet, whoever has it. */
    public function isToCome(): bool
    {
        foreach ($this->pieces as $pieces) {
            foreach ($pieces->slots as $slot) {
                if ($slot->start > $this->world->now) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * What stands first against each of the slots that have not begun yet.
     *
     * @return list<Because> each of them once
     */
    public function standsAgainst(): array
    {
        $found = [];
        foreach ($this->offers() as $offer) {
            $because = $offer->verdict->reasons[0]->because ?? null;
            if ($because !== null && $offer->slot->start > $this->world->now) {
                $found[$because->name] = $because;
            }
        }

        return array_values($found);
    }

    /** The slot that begins at that instant; null when no block makes one there. */
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

    /** The slot that begins at that instant, with its verdict; null when no block makes one there. */
    public function offerAt(int $start): ?Offer
    {
        $slot = $this->slotAt($start);

        return $slot === null ? null : new Offer($slot, $this->judging()($slot));
    }

    /** The whole meeting that would begin with the slot: for those who are met for longer, the slots after it too; null where they are not there. */
    public function whole(Span $slot): ?Span
    {
        $row = $this->row($slot);

        return $row === [] ? null : Span::of($slot->start, end($row)->end);
    }

    /** @return list<Span> the slots that a meeting takes that begins with it; none where not enough of them follow one another */
    public function row(Span $slot): array
    {
        $times = $this->world->asker->times;
        if ($times === 1) {
            return [$slot];
        }
        if ($this->slots === null) {
            $all = array_merge([], ...array_map(static fn(Pieces $pieces): array => $pieces->slots, $this->pieces));
            $this->slots = [$all, array_flip(array_map(static fn(Span $one): int => $one->start, $all))];
        }
        [$slots, $at] = $this->slots;
        $first = $at[$slot->start] ?? null;

        return $first === null || InARow::from($slots, $first, $times) === null
            ? []
            : array_slice($slots, $first, $times);
    }

    /** @return \Closure(Span): Verdict */
    private function judging(): \Closure
    {
        $judge = $this->rules->judging($this->world);

        return $this->world->asker->times === 1
            ? $judge
            : function (Span $slot) use ($judge): Verdict {
                $row = $this->row($slot);

                return $row === []
                    ? Verdict::against([...$judge($slot)->reasons, new Reason(Because::NotLongEnough, State::Taken)])
                    : self::together(array_map($judge, $row));
            };
    }

    /**
     * Of the slots after the first, only what nobody may pass over counts.
     *
     * @param  list<Verdict>  $row
     */
    private static function together(array $row): Verdict
    {
        $reasons = ($row[0] ?? Verdict::free())->reasons;
        foreach (array_slice($row, 1) as $verdict) {
            foreach ($verdict->reasons as $reason) {
                match (true) {
                    $reason->because->hostMayPass() => null,
                    in_array($reason->because, [Because::VisitorElsewhere, Because::NoInterpreter], true),
                    $reason->because->isOfStudent()
                        => ($reasons[] = $reason),
                    default => ($reasons[] = new Reason(Because::NotLongEnough, State::Taken)),
                };
            }
        }

        return $reasons === [] ? Verdict::free() : Verdict::against($reasons);
    }

    /** How many visitors a slot takes in, has, and can still take. */
    public function capacity(Span $slot): Capacity
    {
        return $this->seating->capacity($slot);
    }

    /** How many visitors each host takes in at once then. */
    public function seatsEach(Span $slot): int
    {
        return $this->seating->seatsEach($slot);
    }

    /**
     * With whom the slot's meeting can be, the first one preferred.
     *
     * @param  int|null  $chosen  the one whom it has to be
     * @return list<int>
     */
    public function hostsFor(Span $slot, ?int $chosen = null): array
    {
        $hosts = $this->seating->hostsFor($slot);

        return $chosen === null ? $hosts : array_values(array_intersect($hosts, [$chosen]));
    }

    /** @return list<int> the numbers of the places that whoever asks can get to in time */
    public function placesFor(Span $slot): array
    {
        return $this->elsewhere->reachable($slot, $this->world->asker->visitor, $this->world->asker->student);
    }

    /** The last instant at which the rules of time still let somebody book the slot. */
    public function bookableUntil(Span $slot): int
    {
        $last = $slot->start - 1;
        foreach (Rulebook::rulesOf($this->sheet) as $rule) {
            $last = $rule instanceof Ends ? min($last, $rule->lastInstant($slot)) : $last;
        }

        return $last;
    }

    /**
     * The free slots that begin closest to an instant, the closest first, an earlier one before a later one as close.
     *
     * @param  int|null  $host  the one whom it has to be
     * @return list<Span>
     */
    public function nearestFree(int $instant, int $atMost, ?int $host = null): array
    {
        $free = array_map(static fn(Offer $offer): Span => $offer->slot, $this->free());
        $with =
            $host === null
                ? $free
                : array_values(array_filter($free, fn(Span $slot): bool => $this->hostsFor($slot, $host) !== []));

        return self::nearest(
            array_values(array_filter($with, static fn(Span $slot): bool => $slot->start !== $instant)),
            $instant,
            $atMost,
        );
    }

    /**
     * The same of slots that are known to be free.
     *
     * @param  list<Span>  $free
     * @return list<Span>
     */
    public static function nearest(array $free, int $instant, int $atMost): array
    {
        usort(
            $free,
            static fn(Span $a, Span $b): int => [abs($a->start - $instant), $a->start] <=> [
                abs($b->start - $instant),
                $b->start,
            ],
        );

        return array_slice($free, 0, $atMost);
    }

    /**
     * What becomes of bookings when the sheet is as it is here: who stays, and where the others could go.
     *
     * @param  list<Booked>  $bookings
     */
    public function effectOn(array $bookings, Within $within = Within::Anywhere): Effect
    {
        $emptied = new self($this->sheet, $this->world->emptied()->seenBy(Asker::host()));
        $openings = [];
        foreach ($emptied->offers() as $offer) {
            $capacity = $emptied->capacity($offer->slot);
            $openings[] = new Opening(
                $offer->slot,
                $capacity->seats,
                $offer->verdict->hostMayPass() ? $capacity->left : 0,
                $this->sheet->hasOwnPlaces() ? $this->sheet->placesAt($offer->slot) : null,
            );
        }

        return Edit::effect(
            $bookings,
            new Edited($openings, $this->sheet->places, $this->sheet->travel, $this->sheet->zone),
            $within,
        );
    }

    public function today(): LocalDate
    {
        return $this->sheet->zone->dateAt($this->world->now);
    }
}
