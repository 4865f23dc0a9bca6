<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Span;
use Recess\Time\Zone;
use Sabre\VObject\Component\VCalendar;

/**
 * Writes the VTIMEZONE that RFC 5545, 3.6.5 asks for beside every TZID.
 *
 * Each change of the clocks around the span becomes an observance of its own, straight from the tz database:
 * longer than a rule, and exact in zones whose governments change their minds.
 */
final class ZoneRules
{
    private const YEAR = 31_622_400;

    public static function addTo(VCalendar $calendar, Zone $zone, Span $span): void
    {
        if ($zone->name === 'UTC') {
            return;
        }
        $around = $span->widened(self::YEAR, self::YEAR);
        $first = $zone->offsetAt($around->start);
        $observances = [['at' => $around->start, 'before' => $first, 'after' => $first], ...$zone->changesIn($around)];

        $timezone = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->name]);
        foreach ($observances as $change) {
            // DAYLIGHT and STANDARD differ in name only; the offsets say what is so.
            $observance = $calendar->createComponent($change['after'] > $change['before'] ? 'DAYLIGHT' : 'STANDARD', [
                'TZOFFSETFROM' => self::offset($change['before']),
                'TZOFFSETTO' => self::offset($change['after']),
            ]);
            // Local time as the clock showed it before the change.
            $observance->add('DTSTART', gmdate('Ymd\THis', $change['at'] + $change['before']));
            $timezone->add($observance);
        }
        $calendar->add($timezone);
    }

    /** +HHMM, and +HHMMSS where the offset has seconds (RFC 5545, 3.3.14). */
    private static function offset(int $seconds): string
    {
        $size = abs($seconds);
        $text = sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv($size, 3600), intdiv($size, 60) % 60);

        return $size % 60 === 0 ? $text : $text . sprintf('%02d', $size % 60);
    }
}
