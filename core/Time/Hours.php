<?php

declare(strict_types=1);

namespace Recess\Time;

/** From when until when on the clock, on whatever date it is put. */
final readonly class Hours implements \Stringable
{
    private function __construct(
        public LocalTime $from,
        /** How far the clock's hands move, 1 to 1440 minutes; elapsed time differs where clocks change. */
        public int $minutes,
    ) {}

    /**
     * Both on one date; 24:00 is its end.
     *
     * @throws TimeNotValid when the end is not later than the start
     */
    public static function between(LocalTime $from, LocalTime $until): self
    {
        if ($until->minute <= $from->minute) {
            throw TimeNotValid::endsBeforeStart($from, $until);
        }

        return new self($from, $until->minute - $from->minute);
    }

    /**
     * From a time on for so many minutes of the clock, over midnight if need be.
     *
     * @throws TimeNotValid when that is none, or more than a day
     */
    public static function lasting(LocalTime $from, int $minutes): self
    {
        if ($minutes > 1440) {
            throw TimeNotValid::longerThanADay($minutes);
        }
        if ($minutes < 1 || $from->minute === 1440) {
            throw TimeNotValid::noSuchTime(sprintf('%s for %d minutes', $from, $minutes));
        }

        return new self($from, $minutes);
    }

    /**
     * Until a time of the next day, as a duty that ends after midnight does.
     *
     * @throws TimeNotValid when that is more than a day
     */
    public static function overnight(LocalTime $from, LocalTime $until): self
    {
        return self::lasting($from, 1440 - $from->minute + $until->minute);
    }

    /** When the hands have moved on so far; on the next day where that passes midnight. */
    public function until(): LocalTime
    {
        $end = $this->from->minute + $this->minutes;

        return LocalTime::ofMinute($end > 1440 ? $end - 1440 : $end);
    }

    public function passesMidnight(): bool
    {
        return $this->from->minute + $this->minutes > 1440;
    }

    /** In real time on that date, or null when a clock change swallows all of it. */
    public function on(LocalDate $date, Zone $zone): ?Span
    {
        $start = $zone->instant($date, $this->from->minute);
        $end = $zone->instant($date, $this->from->minute + $this->minutes);

        return $end > $start ? Span::of($start, $end) : null;
    }

    public function __toString(): string
    {
        return $this->from . '-' . $this->until();
    }
}
