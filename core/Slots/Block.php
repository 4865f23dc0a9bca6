<?php

declare(strict_types=1);

namespace Recess\Slots;

use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Weekday;
use Recess\Time\Zone;

/** Stretches of clock time on the dates of a pattern, and how they are cut. */
final readonly class Block
{
    /**
     * @param  array<int, Stretches>  $byDay  other hours on some days of the week, by ISO number
     * @param  array<int, DayChange>  $changes  single occurrences that differ, by the day number they belong to
     * @param  list<int>  $places  which of the sheet's places, counted from 0, its meetings can be at; empty for all
     */
    private function __construct(
        public Pattern $pattern,
        public Stretches $usual,
        public array $byDay,
        public Cut $cut,
        public array $changes,
        public array $places = [],
    ) {}

    /** @throws SlotsNotValid when not one slot fits */
    public static function of(Pattern $pattern, Stretches|Hours $stretches, Cut $cut): self
    {
        $stretches = $stretches instanceof Hours ? Stretches::of($stretches) : $stretches;

        return new self($pattern, self::fitting($stretches, $cut), [], $cut, []);
    }

    /** One slot alone, whatever a sheet is cut into otherwise. */
    public static function alone(Span $slot, Zone $zone): self
    {
        $hours = Hours::lasting($zone->timeAt($slot->start), $slot->minutes());

        return self::of(OnDates::of($zone->dateAt($slot->start)), $hours, Cut::of($slot->minutes()));
    }

    /** @throws SlotsNotValid when not one slot fits */
    public function onWeekday(Weekday $day, Stretches $stretches): self
    {
        $byDay = [$day->value => self::fitting($stretches, $this->cut)] + $this->byDay;
        ksort($byDay);

        return new self($this->pattern, $this->usual, $byDay, $this->cut, $this->changes, $this->places);
    }

    /** The block with its occurrence of that date closed, moved or at other hours. */
    public function withChange(LocalDate $date, DayChange $change): self
    {
        $changes = [$date->day => $change] + $this->changes;
        ksort($changes);

        return new self($this->pattern, $this->usual, $this->byDay, $this->cut, $changes, $this->places);
    }

    /** The block with its occurrence of that date as all the others are. */
    public function withoutChange(LocalDate $date): self
    {
        return new self(
            $this->pattern,
            $this->usual,
            $this->byDay,
            $this->cut,
            array_diff_key($this->changes, [$date->day => true]),
            $this->places,
        );
    }

    /**
     * The block at other hours on the days that have none of their own.
     *
     * @throws SlotsNotValid when not one slot fits
     */
    public function withUsual(Stretches $stretches): self
    {
        return new self(
            $this->pattern,
            self::fitting($stretches, $this->cut),
            $this->byDay,
            $this->cut,
            $this->changes,
            $this->places,
        );
    }

    /** @param  list<int>  $places  counted from 0; empty for all of the sheet's */
    public function at(array $places): self
    {
        return new self(
            $this->pattern,
            $this->usual,
            $this->byDay,
            $this->cut,
            $this->changes,
            array_values(array_unique($places)),
        );
    }

    public function withPattern(Pattern $pattern): self
    {
        return new self($pattern, $this->usual, $this->byDay, $this->cut, $this->changes, $this->places);
    }

    /** The hours that the block usually has on that date, whether or not it falls on it. */
    public function stretchesOn(LocalDate $date): Stretches
    {
        return $this->byDay[LocalDate::weekdayOf($date->day)] ?? $this->usual;
    }

    /**
     * The stretches that the block has on the dates asked about: those of its dates in order, then what was moved there.
     *
     * @param  LocalDate  $before  the first date no longer asked about
     * @return list<Span>
     */
    public function spans(LocalDate $from, LocalDate $before, Zone $zone, ?Dates $closedDays = null): array
    {
        $closed = $closedDays?->days() ?? [];
        $all = [];
        foreach ($this->pattern->dates($from, $before) as $date) {
            if (isset($this->changes[$date->day]) || isset($closed[$date->day])) {
                continue;
            }
            foreach (($this->byDay === [] ? $this->usual : $this->stretchesOn($date))->hours as $hours) {
                $span = $hours->on($date, $zone);
                if ($span !== null) {
                    $all[] = $span;
                }
            }
        }
        foreach ($this->changes as $day => $change) {
            $to = $change->date;
            if ($to === null || $to->day < $from->day || $to->day >= $before->day || isset($closed[$to->day])) {
                continue;
            }
            foreach (($change->stretches ?? $this->stretchesOn(LocalDate::fromDay($day)))->hours as $hours) {
                $span = $hours->on($to, $zone);
                if ($span !== null) {
                    $all[] = $span;
                }
            }
        }

        return $all;
    }

    /** @return list<Pieces> the same stretches, cut */
    public function pieces(LocalDate $from, LocalDate $before, Zone $zone, ?Dates $closedDays = null): array
    {
        return array_map($this->cut->pieces(...), $this->spans($from, $before, $zone, $closedDays));
    }

    /** @throws SlotsNotValid */
    private static function fitting(Stretches $stretches, Cut $cut): Stretches
    {
        if ($cut->minutes > $stretches->longest()) {
            throw SlotsNotValid::longerThanHours($cut->minutes, $stretches->hours[0]);
        }

        return $stretches;
    }
}
