<?php

declare(strict_types=1);

namespace Recess\Repeat;

/**
 * A recurrence rule of iCalendar as it is written (RFC 5545, 3.3.10), all of it; RruleDates expands it.
 *
 * A block's own patterns say less and are quicker; this is for calendars that others wrote.
 */
final readonly class Rrule
{
    public const FREQUENCIES = ['SECONDLY', 'MINUTELY', 'HOURLY', 'DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'];

    private const LISTS = [
        'BYSECOND' => [0, 60, false],
        'BYMINUTE' => [0, 59, false],
        'BYHOUR' => [0, 23, false],
        'BYMONTHDAY' => [1, 31, true],
        'BYYEARDAY' => [1, 366, true],
        'BYWEEKNO' => [1, 53, true],
        'BYMONTH' => [1, 12, false],
        'BYSETPOS' => [1, 366, true],
    ];

    private const DAYS = ['MO' => 1, 'TU' => 2, 'WE' => 3, 'TH' => 4, 'FR' => 5, 'SA' => 6, 'SU' => 7];

    /**
     * @param  array<string, list<int>>  $by  BYMONTH and its like, by name
     * @param  list<array{int, int}>  $byDay  ISO weekday, and which of the month or year (0 for all)
     */
    private function __construct(
        public string $frequency,
        public int $interval,
        public ?int $count,
        /** As written: YYYYMMDD, or YYYYMMDDTHHMMSS with Z for UTC. */
        public ?string $until,
        /** ISO weekday on which weeks start. */
        public int $weekStart,
        public array $by,
        public array $byDay,
    ) {}

    /** @throws RruleNotValid */
    public static function parse(string $text): self
    {
        $parts = [];
        foreach (array_filter(explode(';', strtoupper(trim($text)))) as $part) {
            [$name, $value] = explode('=', $part, 2) + [1 => ''];
            $parts[trim($name)] = trim($value);
        }
        $frequency = $parts['FREQ'] ?? '';
        if (!in_array($frequency, self::FREQUENCIES, true)) {
            throw RruleNotValid::part('FREQ', $frequency);
        }
        if (isset($parts['UNTIL']) && preg_match('/^\d{8}(T\d{6}Z?)?$/D', $parts['UNTIL']) !== 1) {
            throw RruleNotValid::part('UNTIL', $parts['UNTIL']);
        }
        $by = [];
        foreach (self::LISTS as $name => [$least, $most, $signed]) {
            if (isset($parts[$name])) {
                $by[$name] = self::numbers($name, $parts[$name], $least, $most, $signed);
            }
        }

        return new self(
            $frequency,
            self::numbers('INTERVAL', $parts['INTERVAL'] ?? '1', 1, 1_000_000, false)[0],
            isset($parts['COUNT']) ? self::numbers('COUNT', $parts['COUNT'], 1, PHP_INT_MAX, false)[0] : null,
            $parts['UNTIL'] ?? null,
            self::DAYS[$parts['WKST'] ?? 'MO'] ?? throw RruleNotValid::part('WKST', $parts['WKST'] ?? ''),
            $by,
            isset($parts['BYDAY']) ? self::weekdays($parts['BYDAY']) : [],
        );
    }

    /**
     * @return non-empty-list<int>
     *
     * @throws RruleNotValid
     */
    private static function numbers(string $name, string $text, int $least, int $most, bool $signed): array
    {
        $numbers = [];
        foreach (explode(',', $text) as $item) {
            if (preg_match($signed ? '/^[+-]?\d{1,9}$/D' : '/^\+?\d{1,18}$/D', trim($item)) !== 1) {
                throw RruleNotValid::part($name, $text);
            }
            $number = (int) $item;
            if (abs($number) < $least || abs($number) > $most) {
                throw RruleNotValid::part($name, $text);
            }
            $numbers[$number] = $number;
        }

        // What is said twice counts once; a rule is not made longer by it.
        return array_values($numbers);
    }

    /**
     * @return list<array{int, int}>
     *
     * @throws RruleNotValid
     */
    private static function weekdays(string $text): array
    {
        $days = [];
        foreach (explode(',', $text) as $item) {
            if (
                preg_match('/^([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)$/D', trim($item), $part) !== 1 ||
                ($part[1] !== '' && ((int) $part[1] === 0 || abs((int) $part[1]) > 53))
            ) {
                throw RruleNotValid::part('BYDAY', $text);
            }
            $days[$part[2] . (int) $part[1]] = [self::DAYS[$part[2]], (int) $part[1]];
        }

        return array_values($days);
    }
}
