<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\HostRole;
use Recess\Repeat\Adjusted;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Repeating;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\DayChange;
use Recess\Slots\Stretches;
use Recess\Slots\Tally;
use Recess\Time\DateRange;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** What a block says and what comes of it, as people say it. */
final class Sentence
{
    /** Every Tuesday and Thursday from 10:25 to 11:35 until 28 May 2027, in 15-minute meetings. */
    public static function of(Block $block): string
    {
        $adjusted = $block->pattern instanceof Adjusted ? $block->pattern : null;
        $pattern = $adjusted->pattern ?? $block->pattern;
        $days = match (true) {
            $pattern instanceof OnDates => 'On ' . self::dates($pattern->dates),
            $pattern instanceof Weekly => self::weekly($pattern),
            $pattern instanceof Monthly => 'On the ' .
                Spell::list(array_map(self::monthDay(...), $pattern->days)) .
                ' of ' .
                ($pattern->everyMonths === 1 ? 'every month' : "every $pattern->everyMonths months"),
            default => 'On some dates',
        };
        $hours = self::hours($block->usual);
        foreach ($block->byDay as $day => $stretches) {
            $hours .= ' (' . Weekday::from($day)->name . ' ' . self::hours($stretches) . ')';
        }
        $parts = ["$days $hours"];
        if ($pattern instanceof Repeating) {
            $parts[] = match (true) {
                $pattern->ending->until !== null => 'from ' .
                    Spell::plainDate($pattern->first) .
                    ' until ' .
                    Spell::plainDate($pattern->ending->until),
                $pattern->ending->times !== null => 'from ' .
                    Spell::plainDate($pattern->first) .
                    ', ' .
                    Spell::count($pattern->ending->times, 'time'),
                default => 'from ' . Spell::plainDate($pattern->first) . ' without an end',
            };
        }
        if ($adjusted !== null && !$adjusted->without->isEmpty()) {
            $parts[] = 'but not ' . Spell::list(array_map(self::range(...), $adjusted->without->ranges));
        }
        if ($adjusted !== null && $adjusted->plus !== []) {
            $parts[] = 'plus ' . Spell::list(array_map(Spell::plainDate(...), $adjusted->plus));
        }

        return implode(', ', $parts) .
            ', in ' .
            $block->cut->minutes .
            '-minute meetings' .
            ($block->cut->gap === 0 ? '' : ' with ' . Spell::count($block->cut->gap, 'minute') . ' between') .
            '.';
    }

    /** @param  non-empty-list<LocalDate>  $dates */
    private static function dates(array $dates): string
    {
        return count($dates) > 4
            ? count($dates) .
                    ' dates from ' .
                    Spell::plainDate($dates[0]) .
                    ' to ' .
                    Spell::plainDate($dates[count($dates) - 1])
            : Spell::list(array_map(Spell::date(...), $dates));
    }

    private static function weekly(Weekly $pattern): string
    {
        $days =
            count($pattern->days) === 7
                ? 'day'
                : Spell::list(array_map(static fn(Weekday $day): string => $day->name, $pattern->days));

        return $pattern->everyWeeks === 1
            ? "Every $days"
            : "Every $pattern->everyWeeks weeks on " . (count($pattern->days) === 7 ? 'every day' : $days);
    }

    private static function monthDay(MonthDay $day): string
    {
        $ordinal =
            $day->number === -1
                ? 'last'
                : abs($day->number) .
                    match (abs($day->number)) {
                        1, 21, 31 => 'st',
                        2, 22 => 'nd',
                        3, 23 => 'rd',
                        default => 'th',
                    } .
                    ($day->number < 0 ? ' last' : '');

        return $ordinal . ' ' . ($day->weekday->name ?? 'day');
    }

    private static function hours(Stretches $stretches): string
    {
        return 'from ' .
            Spell::list(
                array_map(
                    static fn(Hours $hours): string => Spell::clock($hours->from) .
                        ' to ' .
                        Spell::clock($hours->until()) .
                        ($hours->passesMidnight() ? ' of the next day' : ''),
                    $stretches->hours,
                ),
            );
    }

    private static function range(DateRange $range): string
    {
        return $range->first->equals($range->last)
            ? Spell::plainDate($range->first)
            : Spell::plainDate($range->first) . ' to ' . Spell::plainDate($range->last);
    }

    /**
     * Who is on a sheet besides its writer.
     *
     * @param  list<array{string, HostRole}>  $colleagues  names and what they do
     */
    public static function colleagues(array $colleagues): string
    {
        $said = [];
        foreach ([HostRole::Must, HostRole::Any, HostRole::Manage] as $role) {
            $names = array_column(array_filter($colleagues, static fn(array $one): bool => $one[1] === $role), 0);
            $said[] =
                $names === []
                    ? ''
                    : Words::say("colleagues.$role->value", ['names' => Spell::list($names), 'count' => count($names)]);
        }

        return implode(' ', array_filter($said));
    }

    /** Thursday 3 December 2026: closed. */
    public static function change(LocalDate $date, DayChange $change): string
    {
        $day = Spell::date($date);
        $hours = $change->stretches === null ? '' : ', ' . self::hours($change->stretches);

        return match (true) {
            $change->date === null => "$day: closed",
            $change->date->equals($date) => "$day$hours",
            default => "$day: moved to " . Spell::date($change->date) . $hours,
        };
    }

    /**
     * 4 meetings a day on 41 days, 164 in all; 10 minutes left over each day.
     *
     * @param  bool  $endless  whether it goes on after the days that were counted
     */
    public static function count(Tally $tally, bool $endless = false): string
    {
        if ($tally->slots === []) {
            return 'No meeting comes of this.';
        }
        $over = array_values(
            array_unique(array_map(static fn(int $seconds): int => intdiv($seconds, 60), $tally->leftOver)),
        );

        return self::overDays($tally->slots, $endless) .
            '; ' .
            match (true) {
                $over === [0] => 'nothing left over.',
                count($tally->slots) === 1 => Spell::count($over[0], 'minute') . ' left over.',
                count($over) === 1 => Spell::count($over[0], 'minute') . ' left over each day.',
                default => 'up to ' . Spell::count(max([0, ...$over]), 'minute') . ' left over in a day.',
            };
    }

    /** @param  non-empty-array<int, int>  $slots */
    private static function overDays(array $slots, bool $endless): string
    {
        $all = array_sum($slots);
        if (count($slots) === 1) {
            return Spell::count($all, 'meeting') . ' on ' . Spell::date(LocalDate::fromDay(array_key_first($slots)));
        }
        $perDay =
            min($slots) === max($slots)
                ? Spell::count(max($slots), 'meeting')
                : 'from ' . min($slots) . ' to ' . Spell::count(max($slots), 'meeting');

        return $endless ? "$perDay a day, without an end" : "$perDay a day on " . count($slots) . " days, $all in all";
    }
}
