<?php

declare(strict_types=1);

namespace App\Framework;

use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Weekday;
use Recess\Time\Zone;

/** Dates and times as people read them: on the clock of whoever reads just now ({@see Reading}). */
final class Spell
{
    /** Thursday 3 December 2026 */
    public static function date(LocalDate $date): string
    {
        return self::written($date, Words::say('said.pattern_date'));
    }

    /** 3 December 2026 */
    public static function plainDate(LocalDate $date): string
    {
        return self::written($date, Words::say('said.pattern_plain'));
    }

    /** Thu 3 Dec */
    public static function shortDate(LocalDate $date): string
    {
        return self::written($date, Words::say('said.pattern_short'));
    }

    /** December 2026 */
    public static function month(LocalDate $date): string
    {
        return self::written($date, Words::say('said.pattern_month'));
    }

    /** Thursday */
    public static function weekday(Weekday $day): string
    {
        // That was a Sunday.
        return self::written(LocalDate::of(1970, 1, 4)->plusDays($day->value), 'cccc');
    }

    /**
     * In the language of whoever reads.
     *
     * @param  string  $pattern  of dates, as Unicode writes them (UTS 35, part 4)
     */
    private static function written(LocalDate $date, string $pattern): string
    {
        /** @var array<string, \IntlDateFormatter> $ways to make one takes as long as to use it sixteen times */
        static $ways = [];
        $language = Reading::now()->language;
        $way = $ways["$language $pattern"] ??= new \IntlDateFormatter(
            Languages::locale($language),
            \IntlDateFormatter::NONE,
            \IntlDateFormatter::NONE,
            'UTC',
            \IntlDateFormatter::GREGORIAN,
            $pattern,
        );

        return (string) $way->format($date->day * 86_400);
    }

    /** 16:40, or 4:40 pm to whoever reads it so */
    public static function time(int $instant, Zone $zone): string
    {
        return self::clock($zone->timeAt($instant));
    }

    /**
     * A time as its reader reads it.
     *
     * @param  LocalTime|string  $time  as data: HH:MM
     */
    public static function clock(LocalTime|string $time): string
    {
        return Reading::now()->time(is_string($time) ? LocalTime::parse($time) : $time);
    }

    /** Thursday 3 December 2026, 16:40 to 16:55 (Halifax time) */
    public static function slot(Span $slot, Zone $zone): string
    {
        return Words::say('said.slot', [
            'date' => self::date($zone->dateAt($slot->start)),
            'from' => self::time($slot->start, $zone),
            'until' => self::time($slot->end, $zone),
            'zone' => self::zone($zone),
        ]);
    }

    /** 16:40 to 16:55 */
    public static function between(Span $span, Zone $zone): string
    {
        return Words::say('said.between', [
            'from' => self::time($span->start, $zone),
            'until' => self::time($span->end, $zone),
        ]);
    }

    /** Thu 3 Dec, 16:40 to 16:55 */
    public static function shortly(Span $slot, Zone $zone): string
    {
        return Words::say('said.shortly', [
            'date' => self::shortDate($zone->dateAt($slot->start)),
            'from' => self::time($slot->start, $zone),
            'until' => self::time($slot->end, $zone),
        ]);
    }

    /** Where: Room 12, or: Which course? Mathematics 9 */
    public static function fact(string $name, string $value): string
    {
        return Words::say(str_ends_with($name, '?') ? 'said.answer' : 'said.fact', [
            'name' => $name,
            'value' => $value,
        ]);
    }

    /** Halifax time */
    public static function zone(Zone $zone): string
    {
        $city = strrchr('/' . $zone->name, '/');

        return Words::say('said.zone', ['city' => str_replace('_', ' ', substr((string) $city, 1))]);
    }

    /**
     * 16:50, 17:05 and 17:20
     *
     * @param  list<string>  $items
     */
    public static function list(array $items): string
    {
        $last = array_pop($items);

        return $items === []
            ? (string) $last
            : Words::say('said.and', ['others' => self::row($items), 'last' => (string) $last]);
    }

    /**
     * One after the other, as the reader's language parts them: Room 12, Room 14
     *
     * @param  iterable<string>  $items
     */
    public static function row(iterable $items): string
    {
        $row = '';
        foreach ($items as $item) {
            $row = $row === '' ? $item : Words::say('said.then', ['before' => $row, 'next' => $item]);
        }

        return $row;
    }

    /**
     * Room 12, Room 14 or the library
     *
     * @param  list<string>  $items
     */
    public static function either(array $items): string
    {
        $last = array_pop($items);

        return $items === []
            ? (string) $last
            : Words::say('said.or', ['others' => self::row($items), 'last' => (string) $last]);
    }

    /** 45 minutes, 24 hours, 3 days */
    public static function minutes(int $minutes): string
    {
        return match (true) {
            $minutes !== 0 && $minutes % 1440 === 0 && $minutes > 1440 => Words::say('said.days', [
                'count' => intdiv($minutes, 1440),
            ]),
            $minutes !== 0 && $minutes % 60 === 0 => Words::say('said.hours', ['count' => intdiv($minutes, 60)]),
            default => Words::say('said.minutes', ['count' => $minutes]),
        };
    }

    /** Monday 30 November, 18:00 */
    public static function moment(int $instant, Zone $zone): string
    {
        return Words::say('said.moment', [
            'date' => self::written($zone->dateAt($instant), Words::say('said.pattern_day')),
            'time' => self::time($instant, $zone),
        ]);
    }

    /** in 15 minutes; today at 16:40; tomorrow at 16:40; on Thursday 3 December 2026 */
    public static function ahead(int $instant, int $now, Zone $zone): string
    {
        $days = $zone->dayAt($instant) - $zone->dayAt($now);

        return match (true) {
            $instant - $now <= 3600 && $instant > $now => Words::say('day.ahead_minutes', [
                'minutes' => max(1, intdiv($instant - $now + 30, 60)),
            ]),
            $days === 0 => Words::say('day.ahead_today', ['time' => self::time($instant, $zone)]),
            $days === 1 => Words::say('day.ahead_tomorrow', ['time' => self::time($instant, $zone)]),
            default => Words::say('day.ahead_date', ['date' => self::date($zone->dateAt($instant))]),
        };
    }
}
