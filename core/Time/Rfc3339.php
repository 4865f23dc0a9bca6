<?php

declare(strict_types=1);

namespace Recess\Time;

/** Instants as RFC 3339, 5.6 writes them: date, time, and the offset from UTC. */
final class Rfc3339
{
    private const SHAPE = '/^(\d{4})-(\d\d)-(\d\d)[Tt ](\d\d):(\d\d):(\d\d)(?:\.0+)?(?:[Zz]|([+-])(\d\d):(\d\d))$/D';

    /**
     * Seconds since 1970 in UTC. Fractions of a second are refused, and so are leap seconds, of which no clock here knows.
     *
     * @throws TimeNotValid
     */
    public static function parse(string $text): int
    {
        if (preg_match(self::SHAPE, $text, $part) !== 1) {
            throw TimeNotValid::noSuchInstant($text);
        }
        [, $year, $month, $day, $hour, $minute, $second] = array_map(intval(...), $part);
        [$hours, $minutes] = [(int) ($part[8] ?? 0), (int) ($part[9] ?? 0)];
        if (
            !checkdate($month, $day, $year) ||
            $hour > 23 ||
            $minute > 59 ||
            $second > 59 ||
            $hours > 23 ||
            $minutes > 59
        ) {
            throw TimeNotValid::noSuchInstant($text);
        }
        $offset = ($hours * 60 + $minutes) * 60 * (($part[7] ?? '') === '-' ? -1 : 1);

        return (int) gmmktime($hour, $minute, $second, $month, $day, $year) - $offset;
    }
}
