<?php

declare(strict_types=1);

namespace Recess\Records;

use Recess\Repeat\Adjusted;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\PatternNotValid;
use Recess\Repeat\Repeating;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;

/**
 * A block as plain strings and numbers: as it is kept, sent to a page, and exported. Reading is BlockReader's.
 *
 * Dates are YYYY-MM-DD, times HH:MM, weekdays ISO numbers, days of the month as in RFC 5545's BYMONTHDAY and
 * BYDAY ("15", "-1", "2TU"), lengths minutes.
 *
 * @phpstan-type HoursRecord array{from: string, until: string, overnight: bool}
 * @phpstan-type Record array{
 *     kind: string, dates: list<string>, weekdays: list<int>, month_days: list<string>, every: int,
 *     first: string|null, until: string|null, times: int|null,
 *     hours: list<HoursRecord>, other: list<array{weekday: int, hours: list<HoursRecord>}>, minutes: int, gap: int,
 *     except: list<array{first: string, last: string}>, plus: list<string>,
 *     changes: list<array{date: string, to: string|null, hours: list<HoursRecord>}>,
 *     places: list<int>
 * }
 */
final class BlockRecord
{
    /**
     * @return Record
     *
     * @throws PatternNotValid for a pattern that blocks do not have
     */
    public static function of(Block $block): array
    {
        $adjusted = $block->pattern instanceof Adjusted ? $block->pattern : null;
        $pattern = $adjusted->pattern ?? $block->pattern;
        $repeat = $pattern instanceof Repeating ? $pattern : null;

        return [
            'kind' => match (true) {
                $pattern instanceof OnDates => 'dates',
                $pattern instanceof Weekly => 'weekly',
                $pattern instanceof Monthly => 'monthly',
                default => throw PatternNotValid::cannotSay($pattern::class),
            },
            'dates' => $pattern instanceof OnDates ? array_map(strval(...), $pattern->dates) : [],
            'weekdays' =>
                $pattern instanceof Weekly
                    ? array_map(static fn(Weekday $day): int => $day->value, $pattern->days)
                    : [],
            'month_days' =>
                $pattern instanceof Monthly
                    ? array_map(
                        static fn($day): string => $day->number . ($day->weekday?->ical() ?? ''),
                        $pattern->days,
                    )
                    : [],
            'every' =>
                $pattern instanceof Weekly
                    ? $pattern->everyWeeks
                    : ($pattern instanceof Monthly
                        ? $pattern->everyMonths
                        : 1),
            'first' => $repeat === null ? null : (string) $repeat->first,
            'until' => $repeat?->ending->until === null ? null : (string) $repeat->ending->until,
            'times' => $repeat?->ending->times,
            'hours' => self::hours($block->usual),
            'other' => array_map(
                static fn(int $day): array => ['weekday' => $day, 'hours' => self::hours($block->byDay[$day])],
                array_keys($block->byDay),
            ),
            'minutes' => $block->cut->minutes,
            'gap' => $block->cut->gap,
            'except' => array_map(
                static fn(DateRange $range): array => [
                    'first' => (string) $range->first,
                    'last' => (string) $range->last,
                ],
                $adjusted->without->ranges ?? [],
            ),
            'plus' => array_map(strval(...), $adjusted->plus ?? []),
            'changes' => array_map(
                static fn(int $day): array => [
                    'date' => (string) LocalDate::fromDay($day),
                    'to' => $block->changes[$day]->date === null ? null : (string) $block->changes[$day]->date,
                    'hours' =>
                        $block->changes[$day]->stretches === null ? [] : self::hours($block->changes[$day]->stretches),
                ],
                array_keys($block->changes),
            ),
            'places' => $block->places,
        ];
    }

    /** @return list<HoursRecord> */
    private static function hours(Stretches $stretches): array
    {
        return array_map(
            static fn(Hours $hours): array => [
                'from' => (string) $hours->from,
                'until' => (string) $hours->until(),
                'overnight' => $hours->passesMidnight(),
            ],
            $stretches->hours,
        );
    }
}
