<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Round;
use App\Timetables\Worlds;
use Illuminate\Database\Eloquent\Collection;
use Recess\Slots\Block;
use Recess\Slots\DayChange;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

/** A whole evening of a round on another date: every meeting at its hour, but for those whose teacher is not free then. */
final class EveningMove
{
    private readonly Zone $zone;

    public function __construct(public readonly Round $round, public readonly LocalDate $from, public readonly LocalDate $to)
    {
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
        return $this->round->bookings()
            ->where('starts_at', '>=', Instant::column($this->begins()))
            ->where('starts_at', '<', Instant::column($this->ends()))
            ->with(['sheet', 'pass', 'place', 'host'])->get();
    }

    /**
     * Of these, those that cannot be at their hour on the other date: their teacher is held or busy then, or they are in
     * another meeting.
     *
     * @param  Collection<int, Booking>  $bookings
     * @return list<int> their numbers
     */
    public function cannot(Collection $bookings, int $now): array
    {
        if ($bookings->isEmpty()) {
            return [];
        }
        $day = Span::of($this->zone->instant($this->to, 0), $this->zone->instant($this->to->plusDays(1), 0));
        $people = [];
        foreach ($bookings as $one) {
            $people[$one->staff_id] = $one->staff_id;
            $one->interpreter_id === null || $people[$one->interpreter_id] = $one->interpreter_id;
        }
        $engaged = $people === [] ? [] : Worlds::engaged(array_values($people), $day, $now);
        $others = Booking::query()->whereIn('pass_id', $bookings->pluck('pass_id')->unique())
            ->whereIn('state', BookingState::standing())->whereNotNull('hold_id')
            ->where('starts_at', '<', Instant::column($day->end))->where('ends_at', '>', Instant::column($day->start))->get()->groupBy('pass_id');
        $cannot = [];
        foreach ($bookings as $booking) {
            $then = $this->moved($booking->span());
            $elsewhere = ($others[$booking->pass_id] ?? new Collection)->contains(static fn (Booking $one): bool => $one->span()->overlaps($then));
            if ($then->start <= $now || $elsewhere || ($engaged[$booking->staff_id] ?? null)?->touches($then) === true
                || ($engaged[(int) $booking->interpreter_id] ?? null)?->touches($then) === true) {
                $cannot[] = $booking->id;
            }
        }

        return $cannot;
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
                    return $block->withChange(LocalDate::fromDay($day), DayChange::movedTo($this->to, $change->stretches));
                }
            }
            $isOn = $block->pattern->dates($this->from, $this->from->plusDays(1)) !== [] && ! isset($block->changes[$this->from->day]);

            return $isOn ? $block->withChange($this->from, DayChange::movedTo($this->to)) : $block;
        }, $blocks);
    }
}
