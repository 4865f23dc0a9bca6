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
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/** Writes a block as the one quick line that says it without leaving anything to guess. */
final class QuickPrint
{
    /**
     * @throws PatternNotValid for what the line cannot say: single occurrences that differ, a stretch past midnight
     */
    public static function line(Block $block): string
    {
        if ($block->changes !== []) {
            throw PatternNotValid::cannotSay('single occurrences that are closed, moved or at other hours');
        }
        foreach ([$block->usual, ...array_values($block->byDay)] as $stretches) {
            foreach ($stretches->hours as $hours) {
                if ($hours->passesMidnight()) {
                    throw PatternNotValid::cannotSay('a stretch past midnight');
                }
            }
        }
        $adjusted = $block->pattern instanceof Adjusted ? $block->pattern : null;
        $pattern = $adjusted->pattern ?? $block->pattern;
        $words = match (true) {
            $pattern instanceof OnDates => [implode(', ', array_map(strval(...), $pattern->dates)), (string) $block->usual],
            $pattern instanceof Weekly => self::weekly($pattern, $block),
            $pattern instanceof Monthly => [implode(' ', array_map(self::monthDay(...), $pattern->days)), (string) $block->usual],
            default => throw PatternNotValid::cannotSay($pattern::class),
        };
        $words[] = '/'.$block->cut->minutes;
        $words[] = $block->cut->gap === 0 ? '' : 'gap '.$block->cut->gap;
        if ($pattern instanceof Repeating) {
            array_push($words, ...self::repeat($pattern));
        }
        if ($adjusted !== null) {
            $words[] = $adjusted->without->isEmpty() ? '' : 'except '.implode(', ', array_map(static fn (DateRange $range): string => str_replace('..', ' - ', (string) $range), $adjusted->without->ranges));
            $words[] = $adjusted->plus === [] ? '' : 'plus '.implode(', ', array_map(static fn (LocalDate $date): string => (string) $date, $adjusted->plus));
        }

        return implode(' ', array_filter($words, static fn (string $word): bool => $word !== ''));
    }

    /** @return list<string> days with the usual hours first, then each other pair of days and hours */
    private static function weekly(Weekly $pattern, Block $block): array
    {
        $usual = array_values(array_filter($pattern->days, static fn (Weekday $day): bool => ! isset($block->byDay[$day->value])));
        // Hours said first, before any day, are the usual ones; so a block whose every day differs can be said too.
        $words = $usual === [] ? [(string) $block->usual] : [self::days($usual), (string) $block->usual];
        foreach ($pattern->days as $day) {
            $stretches = $block->byDay[$day->value] ?? null;
            if ($stretches instanceof Stretches) {
                array_push($words, self::days([$day]), (string) $stretches);
            }
        }

        return $words;
    }

    /** @param  list<Weekday>  $days */
    private static function days(array $days): string
    {
        return implode(' ', array_map(static fn (Weekday $day): string => strtolower(substr($day->name, 0, 3)), $days));
    }

    /** @return list<string> */
    private static function repeat(Repeating $pattern): array
    {
        $every = $pattern instanceof Weekly ? $pattern->everyWeeks : ($pattern instanceof Monthly ? $pattern->everyMonths : 1);

        return [
            $every === 1 ? '' : "every $every ".($pattern instanceof Weekly ? 'weeks' : 'months'),
            "from $pattern->first",
            match (true) {
                $pattern->ending->until !== null => 'until '.$pattern->ending->until,
                $pattern->ending->times !== null => $pattern->ending->times.' times',
                default => '',
            },
        ];
    }

    private static function monthDay(MonthDay $day): string
    {
        if ($day->number < -1) {
            throw PatternNotValid::cannotSay('days counted from the end of the month, but for the last');
        }
        $ordinal = $day->number === -1 ? 'last' : $day->number.match (true) {
            intdiv($day->number, 10) === 1 => 'th',
            $day->number % 10 === 1 => 'st',
            $day->number % 10 === 2 => 'nd',
            $day->number % 10 === 3 => 'rd',
            default => 'th',
        };

        return $ordinal.' '.($day->weekday === null ? 'day' : self::days([$day->weekday]));
    }
}
