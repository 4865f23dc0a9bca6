<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Permit;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\Asking;
use Illuminate\Database\Eloquent\Collection;
use Recess\Sheet as CoreSheet;
use Recess\Slots\Block;
use Recess\Slots\DayChange;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/** A whole evening of a round on another date: every meeting at its hour, but for those whose teacher is not free then. */
final class EveningMove
{
    private readonly Zone $zone;

    public function __construct(
        public readonly Round $round,
        public readonly LocalDate $from,
        public readonly LocalDate $to,
    ) {
        $this->zone = $round->school->timeZone();
    }

    /** The instant at which the date begins. */
    public function begins(): int
    {
        return $this->zone->instant($this->from, 0);
    }

    /** The instant at which it is over. */
    public function ends(): int
    {
        return $this->zone->instant($this->from->plusDays(1), 0);
    }

    /** The same hour on the other date. */
    public function moved(Span $span): Span
    {
        $start = $this->zone->instant($this->to, $this->zone->timeAt($span->start)->minute);

        return Span::of($start, $start + $span->seconds());
    }

    /** @return Collection<int, Booking> that stand on the date, in the order of their times */
    public function bookings(): Collection
    {
        return $this->round
            ->bookings()
            ->where('starts_at', '>=', Instant::column($this->begins()))
            ->where('starts_at', '<', Instant::column($this->ends()))
            ->with(['sheet', 'pass', 'place', 'host', 'hold'])
            ->get();
    }

    /**
     * Of these, those that cannot be at their hour on the other date: judged as any move is, on the sheets as they would be.
     *
     * @param  Collection<int, Booking>  $bookings
     * @return list<int> their numbers
     */
    public function cannot(Collection $bookings, int $now): array
    {
        $sheets = [];
        foreach ($this->sheets() as $sheet) {
            $sheets[$sheet->id] = $sheet;
        }
        $cannot = $timetables = [];
        foreach ($bookings as $booking) {
            $sheet = $sheets[$booking->sheet_id] ?? null;
            $then = $this->moved($booking->slot());
            $booking->setRelation('sheet', $sheet ?? $booking->sheet);
            try {
                $as = $sheet === null ? null : $this->sheet($sheet->toCore());
                $as === null || $as->hasSlot($then) || ($as = $as->only($then));
                Permit::of(
                    $booking->sheet,
                    $then->start,
                    new Claim(Asking::moving($booking), Claimant::Staff, $now),
                    $as,
                )->whole();
            } catch (NoSeatLeft | NotAsFilledIn) {
                $cannot[] = $booking->id;
            }
        }

        return $cannot;
    }

    /** @return Collection<int, Sheet> all of the round whose evening moves with it */
    public function sheets(): Collection
    {
        return $this->round->sheets()->with(Sheet::PARTS)->whereNull('put_away_at')->orderBy('id')->get();
    }

    /** A sheet as it is once the evening is on the other date. */
    private function sheet(CoreSheet $core): CoreSheet
    {
        $closed = array_map(
            fn(Span $one): Span => $one->start >= $this->begins() && $one->start < $this->ends()
                ? $this->moved($one)
                : $one,
            $core->slotsClosed?->all() ?? [],
        );

        return $core
            ->withBlocks($this->blocks($core->blocks))
            ->withSlotsClosed($closed === [] ? null : Spans::of($closed));
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<Block> on the other date instead
     */
    public function blocks(array $blocks): array
    {
        return array_map(function (Block $block): Block {
            foreach ($block->changes as $day => $change) {
                if ($change->date?->equals($this->from) === true) {
                    return $block->withChange(
                        LocalDate::fromDay($day),
                        DayChange::movedTo($this->to, $change->stretches),
                    );
                }
            }
            $isOn =
                $block->pattern->dates($this->from, $this->from->plusDays(1)) !== [] &&
                !isset($block->changes[$this->from->day]);

            return $isOn ? $block->withChange($this->from, DayChange::movedTo($this->to)) : $block;
        }, $blocks);
    }
}
