<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Repeat\Adjusted;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\Recurrence;
use Recess\Slots\Block;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Weekday;
use Recess\Time\Zone;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/** Writes a sheet's blocks as VAVAILABILITY (RFC 7953), one AVAILABLE for each stretch of a block. */
final class AvailabilityWriter
{
    /** How the stretch is cut: the length of a meeting and the gap after it, in minutes. Properties of our own (RFC 5545, 3.8.8.2). */
    public const MINUTES = 'X-RECESS-MINUTES';

    public const GAP = 'X-RECESS-GAP';

    private int $number = 0;

    private function __construct(
        private readonly VCalendar $calendar,
        private readonly Component $availability,
        private readonly Zone $zone,
        private readonly string $uid,
        private readonly string $stamp,
    ) {}

    /**
     * @param  list<Block>  $blocks
     * @param  string  $uid  one for the life of the sheet
     * @param  int  $stamp  the instant of writing
     */
    public static function write(array $blocks, Zone $zone, string $uid, int $stamp): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Recess//Recess//EN']);
        $when = gmdate('Ymd\THis\Z', $stamp);
        $availability = $calendar->createComponent('VAVAILABILITY', ['UID' => $uid, 'DTSTAMP' => $when]);
        $writer = new self($calendar, $availability, $zone, $uid, $when);
        foreach ($blocks as $block) {
            $writer->add($block);
        }
        ZoneRules::addTo($calendar, $zone, self::reach($blocks, $zone, $stamp));
        $calendar->add($availability);

        return $calendar->serialize();
    }

    private function add(Block $block): void
    {
        // A changed occurrence is left out of the repeat, and where it is still held is an availability of its own.
        $changed = Dates::of(
            ...array_map(
                static fn(int $day): DateRange => DateRange::day(LocalDate::fromDay($day)),
                array_keys($block->changes),
            ),
        );
        $pattern = Adjusted::of($block->pattern, $changed);
        foreach (self::byHours($block) as [$days, $hours]) {
            $dates = count($days) === 7 ? $pattern : self::onlyOn($pattern, $days);
            if ($dates !== null) {
                $this->available($dates, $hours, $block);
            }
        }
        foreach ($block->changes as $day => $change) {
            if ($change->date === null) {
                continue;
            }
            foreach (($change->stretches ?? $block->stretchesOn(LocalDate::fromDay($day)))->hours as $hours) {
                $this->available(OnDates::of($change->date), $hours, $block);
            }
        }
    }

    /**
     * The stretches of a block, each with the days of the week on which it is.
     *
     * @return list<array{list<int>, Hours}>
     */
    private static function byHours(Block $block): array
    {
        $usual = array_values(array_diff(range(1, 7), array_keys($block->byDay)));
        $all = array_map(static fn(Hours $hours): array => [$usual, $hours], $usual === [] ? [] : $block->usual->hours);
        foreach ($block->byDay as $day => $stretches) {
            array_push($all, ...array_map(static fn(Hours $hours): array => [[$day], $hours], $stretches->hours));
        }

        return $all;
    }

    /**
     * The pattern on some days of the week alone, said by leaving the others out.
     *
     * @param  list<int>  $days
     */
    private static function onlyOn(Pattern $pattern, array $days): ?Pattern
    {
        $plain = $pattern instanceof Adjusted ? $pattern->pattern : $pattern;
        $kept = static fn(LocalDate $date): bool => in_array(LocalDate::weekdayOf($date->day), $days, true);
        $plus = $pattern instanceof Adjusted ? array_values(array_filter($pattern->plus, $kept)) : [];
        $without = $pattern instanceof Adjusted ? $pattern->without : Dates::none();
        $only = PatternDays::only($plain, array_map(Weekday::from(...), $days));
        if ($only === null) {
            return $plus === [] ? null : OnDates::of(...$plus);
        }

        return Adjusted::of($only, $without, $plus);
    }

    private function available(Pattern $pattern, Hours $hours, Block $block): void
    {
        $recurrence = Recurrence::of($pattern);
        $at = fn(LocalDate $date): string => gmdate('Ymd\THis', $date->day * 86_400 + $hours->from->minute * 60);
        $zone = $this->zone->name === 'UTC' ? [] : ['TZID' => $this->zone->name];
        $z = $zone === [] ? 'Z' : '';

        $part = $this->calendar->createComponent('AVAILABLE', [
            'UID' => $this->uid . '-' . ++$this->number,
            'DTSTAMP' => $this->stamp,
            'DURATION' => 'PT' . $hours->minutes . 'M',
            self::MINUTES => (string) $block->cut->minutes,
            self::GAP => (string) $block->cut->gap,
        ]);
        $part->add('DTSTART', $at($recurrence->start) . $z, $zone);
        if ($recurrence->rule !== null) {
            // UNTIL is in UTC where DTSTART has a zone (RFC 5545, 3.3.10).
            $part->add(
                'RRULE',
                preg_replace_callback(
                    '/UNTIL=(\d{4})(\d{2})(\d{2})/',
                    fn(array $date): string => 'UNTIL=' .
                        gmdate(
                            'Ymd\THis\Z',
                            $this->zone->instant(
                                LocalDate::of((int) $date[1], (int) $date[2], (int) $date[3]),
                                $hours->from->minute,
                            ),
                        ),
                    $recurrence->rule,
                ),
            );
        }
        foreach ($recurrence->also as $date) {
            $part->add('RDATE', $at($date) . $z, $zone);
        }
        foreach ($recurrence->not as $date) {
            $part->add('EXDATE', $at($date) . $z, $zone);
        }
        $this->availability->add($part);
    }

    /** @param  list<Block>  $blocks */
    private static function reach(array $blocks, Zone $zone, int $stamp): Span
    {
        $starts = $ends = [$stamp];
        foreach ($blocks as $block) {
            $starts[] = $zone->instant($block->pattern->first(), 0);
            // Of a repeat that never ends, the clock changes of the next ten years are described.
            $ends[] =
                $block->pattern->last() === null
                    ? $stamp + 10 * 31_557_600
                    : $zone->instant($block->pattern->last(), 1440);
        }

        return Span::of(min($starts), max($ends) + 1);
    }
}
