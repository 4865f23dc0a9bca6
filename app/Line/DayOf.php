<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use Illuminate\Database\Eloquent\Builder;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Zone;

/** A day at a desk: from some hour of the night to the same hour of the next one, for an evening may pass midnight. */
final readonly class DayOf
{
    private function __construct(public LocalDate $date, public Span $span, public Zone $zone) {}

    /** @param  int  $instant  within it */
    public static function at(int $instant, Zone $zone): self
    {
        $today = self::on($zone->dateAt($instant), $zone);

        return $today->span->start <= $instant ? $today : self::on($today->date->plusDays(-1), $zone);
    }

    /** @return Builder<Booking> the meetings that are agreed for it, of everybody */
    public function meetings(): Builder
    {
        return Booking::query()
            ->where('state', BookingState::Booked)
            ->where('starts_at', '>=', Instant::column($this->span->start))
            ->where('starts_at', '<', Instant::column($this->span->end));
    }

    public static function on(LocalDate $date, Zone $zone): self
    {
        $begins = LocalTime::parse((string) config('recess.day_begins'))->minute;

        return new self(
            $date,
            Span::of($zone->instant($date, $begins), $zone->instant($date->plusDays(1), $begins)),
            $zone,
        );
    }
}
