<?php

declare(strict_types=1);

namespace App\Wording;

use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

/** Dates and times as people read them. */
final class Spell
{
    /** Thursday 3 December 2026 */
    public static function date(LocalDate $date): string
    {
        return gmdate('l j F Y', $date->day * 86_400);
    }

    /** Thu 3 Dec */
    public static function shortDate(LocalDate $date): string
    {
        return gmdate('D j M', $date->day * 86_400);
    }

    /** 16:40 */
    public static function time(int $instant, Zone $zone): string
    {
        return (string) $zone->timeAt($instant);
    }

    /** Thursday 3 December 2026, 16:40 to 16:55 (Halifax time) */
    public static function slot(Span $slot, Zone $zone): string
    {
        return sprintf(
            '%s, %s to %s (%s)',
            self::date($zone->dateAt($slot->start)),
            self::time($slot->start, $zone),
            self::time($slot->end, $zone),
            self::zone($zone),
        );
    }

    /** Halifax time */
    public static function zone(Zone $zone): string
    {
        $city = strrchr('/'.$zone->name, '/');

        return str_replace('_', ' ', substr((string) $city, 1)).' time';
    }

    /**
     * 16:50, 17:05 and 17:20
     *
     * @param  list<string>  $items
     */
    public static function list(array $items): string
    {
        $last = array_pop($items);

        return $items === [] ? (string) $last : implode(', ', $items).' and '.$last;
    }

    /** 1 meeting, 12 meetings */
    public static function count(int $number, string $one, ?string $many = null): string
    {
        return $number.' '.($number === 1 ? $one : $many ?? $one.'s');
    }
}
