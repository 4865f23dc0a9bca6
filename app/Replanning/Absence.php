<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Rounds\RoundHost;
use Illuminate\Database\Eloquent\Collection;
use Recess\Time\Span;
use Recess\Time\Spans;

/** When somebody of a round is away, and whose meetings that hits. */
final readonly class Absence
{
    public Spans $times;

    /**
     * @param  list<Span>  $times  none for all that is still to come of the round
     * @param  int  $now  seconds since the epoch
     * @param  RoundHost|null  $substitute  who stands in for them, at the hours of theirs that can be had
     */
    public function __construct(
        public RoundHost $host,
        array $times,
        public int $now,
        public ?RoundHost $substitute = null,
    ) {
        $this->times = Spans::of($times !== [] ? $times : [$host->round->range()]);
    }

    public function hits(Span $span): bool
    {
        return $span->start > $this->now && $this->times->touches($span);
    }

    /** @return Collection<int, Booking> those that stand, and are still to come, in their order */
    public function bookings(): Collection
    {
        $booked = Booking::query()
            ->where('sheet_id', $this->host->sheet_id)
            ->whereIn('state', BookingState::standing())
            ->whereNotNull('hold_id')
            ->where('starts_at', '>', Instant::column($this->now))
            ->with(['sheet', 'pass', 'place', 'host'])
            ->orderBy('starts_at')
            ->get();

        return $booked->filter(fn(Booking $one): bool => $this->hits($one->span()))->values();
    }
}
