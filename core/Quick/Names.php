<?php

declare(strict_types=1);

namespace Recess\Quick;

use Recess\Time\Weekday;

/** What single words of a quick line mean, whatever stands around them. */
final class Names
{
    private const MONTHS = [
        1 => 'january',
        'february',
        'march',
        'april',
        'may',
        'june',
        'july',
        'august',
        'september',
        'october',
        'november',
        'december',
    ];

    private const ORDINALS = ['first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'last' => -1];

    private const NUMBERS = [
        'a' => 1,
        'an' => 1,
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11,
        'twelve' => 12,
        'fifteen' => 15,
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
    ];

    public const MINUTES = ['m', 'min', 'mins', 'minute', 'minutes'];

    public const HOURS = ['h', 'hr', 'hrs', 'hour', 'hours'];

    /** Words that name nothing and may stand anywhere. */
    public const FILLERS = [
        ',',
        '.',
        '&',
        '+',
        '(',
        ')',
        ':',
        'and',
        'on',
        'the',
        'at',
        'of',
        'with',
        'meetings',
        'meeting',
        'slots',
        'slot',
        'appointments',
        'long',
        'each',
        'please',
        'then',
    ];

    private const KNOWN = [
        'every',
        'other',
        'until',
        'from',
        'except',
        'plus',
        'gap',
        'weeks',
        'weekdays',
        'daily',
        'afternoon',
        'morning',
        'evening',
        'fortnightly',
        'weekly',
        'monthly',
        'tomorrow',
        'today',
        'noon',
        'midnight',
        'minutes',
        'hours',
        'times',
        'first',
        'second',
        'third',
        'fourth',
        'fifth',
        'last',
        'next',
        'forever',
        'between',
        'starting',
        'holidays',
        'term',
    ];

    /** Two letters (RFC 5545, 3.3.10), where something else says that they are a day. */
    public static function shortWeekday(string $word): ?Weekday
    {
        foreach (Weekday::cases() as $day) {
            if ($word === strtolower(substr($day->name, 0, 2))) {
                return $day;
            }
        }

        return null;
    }

    /** tue, tues, tuesday, tuesdays; mo, tu and their like are too short to be sure of. */
    public static function weekday(string $word): ?Weekday
    {
        foreach (Weekday::cases() as $day) {
            $name = strtolower($day->name);
            if (
                $word === $name . 's' ||
                $word === substr($name, 0, 3) . 's' ||
                (strlen($word) >= 3 && str_starts_with($name, $word)) ||
                $word === $name . "'s"
            ) {
                return $day;
            }
        }

        return null;
    }

    /** 1 to 12, by any beginning of the name with three letters or more. */
    public static function month(string $word): ?int
    {
        foreach (self::MONTHS as $month => $name) {
            if ((strlen($word) >= 3 && str_starts_with($name, $word)) || ($word === 'sept' && $month === 9)) {
                return $month;
            }
        }

        return null;
    }

    /** 1st, 2nd, third, last (-1). */
    public static function ordinal(string $word): ?int
    {
        return self::ORDINALS[$word] ??
            (preg_match('/^(\d{1,2})(?:st|nd|rd|th)$/D', $word, $part) === 1 ? (int) $part[1] : null);
    }

    /** The day of a month as it is said in a date: 3 or 3rd. */
    public static function dayNumber(string $word): ?int
    {
        return preg_match('/^(\d{1,2})(?:st|nd|rd|th)?$/D', $word, $part) === 1 ? (int) $part[1] : null;
    }

    /** 10 or ten. */
    public static function count(string $word): ?int
    {
        return self::NUMBERS[$word] ?? (preg_match('/^\d{1,5}$/D', $word) === 1 ? (int) $word : null);
    }

    /**
     * The known word closest to one that is not, if any is close.
     *
     * @param  list<string>  $more  words that are known here too
     */
    public static function nearest(string $word, array $more = []): ?string
    {
        $weekdays = array_map(static fn(Weekday $day): string => strtolower($day->name), Weekday::cases());
        $best = null;
        $least = min(3, intdiv(strlen($word) + 2, 3) + 1);
        foreach ([...$weekdays, ...array_values(self::MONTHS), ...self::KNOWN, ...$more] as $known) {
            $distance = levenshtein(substr($word, 0, 40), $known);
            if ($distance < $least) {
                [$best, $least] = [$known, $distance];
            }
        }

        return $best;
    }
}
