<?php

declare(strict_types=1);

namespace Recess\Common;

use Recess\RecessException;
use Recess\Repeat\Ending;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\SlotsNotValid;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Spans;
use Recess\Time\TimeNotValid;
use Recess\Time\Weekday;
use Recess\Time\Zone;

/** On which days of the week, and between which hours, somebody can be asked for a time. */
final readonly class AskedHours
{
    /** @param  array<int, Stretches>  $byDay  by ISO number of the weekday */
    private function __construct(public array $byDay) {}

    /** @param  array<int, Stretches|null>  $byDay  by ISO number of the weekday; null for a day without any */
    public static function of(array $byDay): self
    {
        $byDay = array_filter($byDay);
        ksort($byDay);

        return new self($byDay);
    }

    /**
     * What somebody has typed for one day: "8:00 to 12:00, 13:00 to 16:00", "8-12 and 13-16", nothing.
     *
     * @throws TimeNotValid when it says no hours, or says them so that morning or evening may be meant
     * @throws SlotsNotValid when two of them overlap
     */
    public static function typed(string $text): ?Stretches
    {
        $parts = preg_split('/\s*(?:;|,\s|\band\b|&|\n)\s*/iu', trim($text), 13, PREG_SPLIT_NO_EMPTY) ?: [];
        if (count($parts) > 12) {
            throw TimeNotValid::noSuchHours($text);
        }
        $hours = array_map(static function (string $part): Hours {
            $ends = preg_split('/\s*(?:-|–|—|\bto\b|\buntil\b)\s*/iu', trim($part));
            if ($ends === false || count($ends) !== 2) {
                throw TimeNotValid::noSuchHours($part);
            }
            $both = array_map(LocalTime::parse(...), $ends);
            foreach ($both as $i => $time) {
                if ($time->isEarly() && preg_match('/[ap]\.?m?\.?\s*$/i', $ends[$i]) !== 1) {
                    throw TimeNotValid::earlyHours($part);
                }
            }

            // What ends at midnight ends with the day, however the hour is called.
            return Hours::between($both[0], $both[1]->minute === 0 ? LocalTime::ofMinute(1440) : $both[1]);
        }, $parts);

        return $hours === [] ? null : Stretches::of(...$hours);
    }

    /**
     * As it is kept: by weekday, lists of "08:00-16:00". What cannot be read is left out.
     *
     * @param  array<mixed>  $record
     */
    public static function fromRecord(array $record): self
    {
        $byDay = [];
        foreach (range(1, 7) as $day) {
            $kept = array_filter(is_array($record[$day] ?? null) ? $record[$day] : [], is_string(...));
            try {
                $byDay[$day] = self::kept(array_values($kept));
            } catch (RecessException) {
                $byDay[$day] = null;
            }
        }

        return self::of($byDay);
    }

    /** @return array<int, list<string>> */
    public function record(): array
    {
        return array_map(static fn(Stretches $one): array => array_map(strval(...), $one->hours), $this->byDay);
    }

    /** The hours that both have. */
    public function shared(self $other): self
    {
        $byDay = [];
        foreach (array_intersect_key($this->byDay, $other->byDay) as $day => $mine) {
            $both = [];
            foreach ($mine->hours as $one) {
                foreach ($other->byDay[$day]->hours as $another) {
                    $from = max($one->from->minute, $another->from->minute);
                    $until = min($one->from->minute + $one->minutes, $another->from->minute + $another->minutes);
                    if ($from < $until) {
                        $both[] = Hours::between(LocalTime::ofMinute($from), LocalTime::ofMinute($until));
                    }
                }
            }
            $byDay[$day] = $both === [] ? null : Stretches::of(...$both);
        }

        return self::of($byDay);
    }

    /** All of it on some dates, but on closed days, in real time. */
    public function windows(DateRange $dates, Zone $zone, Dates $closed): Spans
    {
        $spans = [];
        foreach ($dates->dates() as $date) {
            foreach (
                $closed->holds($date) ? [] : $this->byDay[LocalDate::weekdayOf($date->day)]->hours ?? []
                as $hours
            ) {
                $span = $hours->on($date, $zone);
                if ($span !== null) {
                    $spans[] = $span;
                }
            }
        }

        return Spans::of($spans);
    }

    /** The same as a block of a sheet, cut by a length; null where it fits on no day. */
    public function block(int $minutes, LocalDate $first, LocalDate $last): ?Block
    {
        $fits = array_filter($this->byDay, static fn(Stretches $one): bool => $one->longest() >= $minutes);
        if ($fits === []) {
            return null;
        }
        $days = array_map(Weekday::from(...), array_keys($fits));
        $block = Block::of(
            Weekly::on($days, $first, Ending::until($last)),
            $fits[array_key_first($fits)],
            Cut::of($minutes),
        );
        foreach ($days as $day) {
            $block = $block->onWeekday($day, $fits[$day->value]);
        }

        return $block;
    }

    /** The longest stretch of all, in minutes; 0 where there is none. */
    public function longest(): int
    {
        return max([0, ...array_map(static fn(Stretches $one): int => $one->longest(), $this->byDay)]);
    }

    /**
     * @param  list<string>  $kept
     *
     * @throws RecessException
     */
    private static function kept(array $kept): ?Stretches
    {
        $hours = array_map(static function (string $text): Hours {
            [$from, $until] = explode('-', $text, 2) + ['', ''];

            return Hours::between(LocalTime::parse($from), LocalTime::parse($until));
        }, $kept);

        return $hours === [] ? null : Stretches::of(...$hours);
    }
}
