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
use Recess\Repeat\Pattern;
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
        $hours = self::hours($block->usual);
        foreach ($block->byDay as $day => $stretches) {
            $hours = self::say('by_day', [
                'hours' => $hours,
                'day' => Spell::weekday(Weekday::from($day)),
                'other' => self::hours($stretches),
            ]);
        }
        $without = $adjusted->without->ranges ?? [];
        $plus = $adjusted->plus ?? [];

        return self::say('block', [
            'days' => self::days($pattern),
            'hours' => $hours,
            ...self::ending($pattern),
            'without' => count($without),
            'days_without' => Spell::list(array_map(self::range(...), $without)),
            'plus' => count($plus),
            'days_plus' => Spell::list(array_map(Spell::plainDate(...), $plus)),
            'minutes' => $block->cut->minutes,
            'gap' => $block->cut->gap,
        ]);
    }

    private static function days(Pattern $pattern): string
    {
        return match (true) {
            $pattern instanceof OnDates => self::dates($pattern->dates),
            $pattern instanceof Weekly => self::say(count($pattern->days) === 7 ? 'daily' : 'weekly', [
                'weeks' => $pattern->everyWeeks,
                'days' => Spell::list(array_map(Spell::weekday(...), $pattern->days)),
            ]),
            $pattern instanceof Monthly => self::say('monthly', [
                'months' => $pattern->everyMonths,
                'days' => Spell::list(array_map(self::monthDay(...), $pattern->days)),
            ]),
            default => self::say('some_dates'),
        };
    }

    /** @return array{ends: string, first: string, until: string, times: int} */
    private static function ending(Pattern $pattern): array
    {
        if (!($pattern instanceof Repeating)) {
            return ['ends' => 'never', 'first' => '', 'until' => '', 'times' => 0];
        }
        [$until, $times] = [$pattern->ending->until, $pattern->ending->times];

        return [
            'ends' => $until !== null ? 'until' : ($times !== null ? 'times' : 'endless'),
            'first' => Spell::plainDate($pattern->first),
            'until' => $until === null ? '' : Spell::plainDate($until),
            'times' => $times ?? 0,
        ];
    }

    /** @param  non-empty-list<LocalDate>  $dates */
    private static function dates(array $dates): string
    {
        return count($dates) > 4
            ? self::say('many_dates', [
                'count' => count($dates),
                'first' => Spell::plainDate($dates[0]),
                'last' => Spell::plainDate($dates[count($dates) - 1]),
            ])
            : self::say('dates', ['dates' => Spell::list(array_map(Spell::date(...), $dates))]);
    }

    private static function monthDay(MonthDay $day): string
    {
        $which = match (true) {
            $day->number === -1 => 'last',
            $day->number < 0 => 'from_last',
            default => 'nth',
        };

        return self::say($day->weekday === null ? "{$which}_day" : "{$which}_weekday", [
            'number' => abs($day->number),
            'day' => $day->weekday === null ? '' : Spell::weekday($day->weekday),
        ]);
    }

    private static function hours(Stretches $stretches): string
    {
        return self::say('hours', [
            'stretches' => Spell::list(
                array_map(
                    static fn(Hours $hours): string => self::say(
                        $hours->passesMidnight() ? 'stretch_over_midnight' : 'stretch',
                        ['from' => Spell::clock($hours->from), 'until' => Spell::clock($hours->until())],
                    ),
                    $stretches->hours,
                ),
            ),
        ]);
    }

    private static function range(DateRange $range): string
    {
        return $range->first->equals($range->last)
            ? Spell::plainDate($range->first)
            : self::say('range', [
                'first' => Spell::plainDate($range->first),
                'last' => Spell::plainDate($range->last),
            ]);
    }

    /** @param  array<string, int|string>  $values */
    private static function say(string $what, array $values = []): string
    {
        return Words::say("timetables.$what", $values);
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
        return self::say('change', [
            'day' => Spell::date($date),
            'what' => match (true) {
                $change->date === null => 'closed',
                $change->date->equals($date) => 'stays',
                default => 'moved',
            },
            'to' => $change->date === null ? '' : Spell::date($change->date),
            'stretches' => count($change->stretches->hours ?? []),
            'hours' => $change->stretches === null ? '' : self::hours($change->stretches),
        ]);
    }

    /**
     * 4 meetings a day on 41 days, 164 in all; 10 minutes left over each day.
     *
     * @param  bool  $endless  whether it goes on after the days that were counted
     */
    public static function count(Tally $tally, bool $endless = false): string
    {
        if ($tally->slots === []) {
            return self::say('none_comes');
        }
        $over = array_values(
            array_unique(array_map(static fn(int $seconds): int => intdiv($seconds, 60), $tally->leftOver)),
        );

        return self::say('tally', [
            'meetings' => self::overDays($tally->slots, $endless),
            'over' => match (true) {
                $over === [0] => 'none',
                count($tally->slots) === 1 => 'once',
                count($over) === 1 => 'each',
                default => 'most',
            },
            'minutes' => max([0, ...$over]),
        ]);
    }

    /** @param  non-empty-array<int, int>  $slots */
    private static function overDays(array $slots, bool $endless): string
    {
        if (count($slots) === 1) {
            return self::say('one_day', [
                'meetings' => array_sum($slots),
                'date' => Spell::date(LocalDate::fromDay(array_key_first($slots))),
            ]);
        }

        return self::say($endless ? 'days_endless' : 'days', [
            'vary' => min($slots) === max($slots) ? 'no' : 'yes',
            'least' => min($slots),
            'most' => max($slots),
            'days' => count($slots),
            'all' => array_sum($slots),
        ]);
    }
}
