<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Block;
use App\Models\Hold;
use App\Models\Sheet;
use Recess\Offer;
use Recess\Rules\Busy;
use Recess\Rules\Lead;
use Recess\Rules\Past;
use Recess\Rules\Rules;
use Recess\Rules\Situation;
use Recess\Rules\Taken;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Recess\Timetable;

/** A sheet as the core sees it: reads what is booked and asks the core the rest. */
final readonly class SheetTimetable
{
    public Zone $zone;

    private Timetable $timetable;

    private LocalDate $first;

    private LocalDate $before;

    /** @var list<Pieces> */
    public array $pieces;

    /** @var list<Offer> */
    public array $offers;

    public function __construct(public Sheet $sheet, public int $now)
    {
        $this->zone = $sheet->host->school->timeZone();
        $this->timetable = Timetable::of(
            $this->zone,
            array_values($sheet->blocks->map(static fn (Block $block) => $block->toCore())->all()),
            Rules::of(new Past, new Taken($sheet->seats), new Busy, new Lead($sheet->lead_minutes)),
        );
        $dates = $sheet->blocks->flatMap(static fn (Block $block): array => $block->pattern['on'])->sort();
        $this->first = LocalDate::parse($dates->first() ?? '1970-01-01');
        $this->before = LocalDate::parse($dates->last() ?? '1970-01-01')->plusDays(1);
        $this->pieces = $this->timetable->pieces($this->first, $this->before);
        $this->offers = $this->timetable->offers($this->first, $this->before, $this->situation($now));
    }

    public function offerAt(int $start): ?Offer
    {
        foreach ($this->offers as $offer) {
            if ($offer->slot->start === $start) {
                return $offer;
            }
        }

        return null;
    }

    /** @return list<Offer> */
    public function nearestFree(int $start): array
    {
        return array_values(array_filter(array_map(
            fn (Span $slot): ?Offer => $this->offerAt($slot->start),
            Timetable::nearestFree($this->offers, $start, 3),
        )));
    }

    /** @return list<Offer> */
    public function free(): array
    {
        return array_values(array_filter($this->offers, static fn (Offer $offer): bool => $offer->verdict->isFree()));
    }

    /** What the host's holds mean to this sheet: its own slots' seats, and everything else as busy. */
    private function situation(int $now): Situation
    {
        $ends = [];
        foreach ($this->pieces as $pieces) {
            foreach ($pieces->slots as $slot) {
                $ends[$slot->start] = $slot->end;
            }
        }
        $seats = $elsewhere = [];
        foreach ($this->holds() as $hold) {
            $span = Span::of($hold->starts_at->getTimestamp(), $hold->ends_at->getTimestamp());
            if ($hold->sheet_id === $this->sheet->id && ($ends[$span->start] ?? null) === $span->end) {
                $seats[$span->start] = (int) $hold->bookings_count;
            } else {
                $elsewhere[] = $span;
            }
        }

        return new Situation($now, $seats, Spans::of($elsewhere));
    }

    /** @return iterable<Hold> */
    private function holds(): iterable
    {
        return Hold::query()
            ->where('staff_id', $this->sheet->staff_id)
            ->where('starts_at', '<', gmdate('Y-m-d H:i:s', $this->zone->instant($this->before, 1440)))
            ->where('ends_at', '>', gmdate('Y-m-d H:i:s', $this->zone->instant($this->first, 0)))
            ->withCount('bookings')
            ->get();
    }
}
