<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Repeat\Adjusted;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\PatternNotValid;
use Recess\Repeat\Repeating;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** Writes a block as the one quick line that says it without leaving anything to guess. */
final class QuickPrint
{
    /**
     * The line of a block, but for its single occurrences that differ, which stand beside it.
     *
     * @param  Dates|null  $closedDays  on which it does not fall: a count with such days on the way is said by its last date
     *
     * @throws PatternNotValid for a pattern that blocks do not have
     */
    public static function line(Block $block, ?Dates $closedDays = null): string
    {
        $adjusted = $block->pattern instanceof Adjusted ? $block->pattern : null;
        $pattern = $adjusted->pattern ?? $block->pattern;
        $words = match (true) {
            $pattern instanceof OnDates => [self::dates($pattern), self::hours($block->usual)],
            $pattern instanceof Weekly => self::weekly($pattern, $block),
            $pattern instanceof Monthly => [
                implode(' ', array_map(self::monthDay(...), $pattern->days)),
                self::hours($block->usual),
            ],
            default => throw PatternNotValid::cannotSay($pattern::class),
        };
        $words[] = '/' . $block->cut->minutes;
        $words[] = $block->cut->gap === 0 ? '' : 'gap ' . $block->cut->gap;
        if ($pattern instanceof Repeating) {
            $off = ($adjusted->without ?? Dates::none())->with($closedDays ?? Dates::none());
            array_push($words, ...self::repeat($pattern, $off));
        }
        if ($adjusted !== null) {
            $words[] = $adjusted->without->isEmpty()
                ? ''
                : 'except ' .
                    implode(
                        ', ',
                        array_map(
                            static fn(DateRange $range): string => str_replace('..', ' - ', (string) $range),
                            $adjusted->without->ranges,
                        ),
                    );
            $words[] =
                $adjusted->plus === []
                    ? ''
                    : 'plus ' .
                        implode(', ', array_map(static fn(LocalDate $date): string => (string) $date, $adjusted->plus));
        }

        return implode(' ', array_filter($words, static fn(string $word): bool => $word !== ''));
    }

    /** @return list<string> days with the usual hours first, then each other pair of days and hours */
    private static function weekly(Weekly $pattern, Block $block): array
    {
        $usual = array_values(
            array_filter($pattern->days, static fn(Weekday $day): bool => !isset($block->byDay[$day->value])),
        );
        // A block whose every day differs has usual hours all the same, for dates that are added.
        $words =
            $usual === []
                ? ['usually ' . self::hours($block->usual)]
                : [self::days($usual), self::hours($block->usual)];
        foreach ($pattern->days as $day) {
            $stretches = $block->byDay[$day->value] ?? null;
            if ($stretches instanceof Stretches) {
                array_push($words, self::days([$day]), self::hours($stretches));
            }
        }

        return $words;
    }

    /** Three days in a row and more are said by the first and the last. */
    private static function dates(OnDates $pattern): string
    {
        $said = [];
        foreach (Dates::of(...array_map(DateRange::day(...), $pattern->dates))->ranges as $range) {
            $dates = $range->dates();
            array_push($said, ...count($dates) < 3 ? array_map(strval(...), $dates) : ["$range->first - $range->last"]);
        }

        return implode(', ', $said);
    }

    private static function hours(Stretches $stretches): string
    {
        return implode(
            ' ',
            array_map(
                static fn(Hours $hours): string => $hours->passesMidnight() ? "$hours overnight" : (string) $hours,
                $stretches->hours,
            ),
        );
    }

    /** @param  list<Weekday>  $days */
    private static function days(array $days): string
    {
        return implode(' ', array_map(static fn(Weekday $day): string => strtolower(substr($day->name, 0, 3)), $days));
    }

    /** @return list<string> */
    private static function repeat(Repeating $pattern, Dates $off): array
    {
        $last = $pattern->ending->times === null ? null : $pattern->last();
        $short =
            $last !== null &&
            array_filter($pattern->dates($pattern->first, $last->plusDays(1)), $off->holds(...)) !== [];

        $every =
            $pattern instanceof Weekly
                ? $pattern->everyWeeks
                : ($pattern instanceof Monthly
                    ? $pattern->everyMonths
                    : 1);

        return [
            $every === 1 ? '' : "every $every " . ($pattern instanceof Weekly ? 'weeks' : 'months'),
            "from $pattern->first",
            match (true) {
                $pattern->ending->until !== null => 'until ' . $pattern->ending->until,
                $short => "until $last",
                $pattern->ending->times !== null => $pattern->ending->times . ' times',
                default => '',
            },
        ];
    }

    public static function monthDay(MonthDay $day): string
    {
        $number = abs($day->number);
        $ordinal =
            $day->number === -1
                ? 'last'
                : $number .
                    match (true) {
                        intdiv($number, 10) === 1 => 'th',
                        $number % 10 === 1 => 'st',
                        $number % 10 === 2 => 'nd',
                        $number % 10 === 3 => 'rd',
                        default => 'th',
                    } .
                    ($day->number < 0 ? ' last' : '');

        return $ordinal . ' ' . ($day->weekday === null ? 'day' : self::days([$day->weekday]));
    }
}
