<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\TimeNotValid;

/**
 * How long an entry lasts: so many days of the calendar, and so many seconds of real time after them.
 *
 * What DTEND says is exact and the same for every occurrence; the days of a DURATION are nominal (RFC 5545, 3.8.5.3).
 */
final readonly class Lasting
{
    private function __construct(public int $days, public int $seconds) {}

    public static function until(Moment $start, Moment $end): self
    {
        return $start->isDate && $end->isDate
            ? new self(intdiv($end->reading - $start->reading, 86_400), 0)
            : new self(0, $end->instant() - $start->instant());
    }

    public static function days(int $days): self
    {
        return new self($days, 0);
    }

    public static function nothing(): self
    {
        return new self(0, 0);
    }

    /**
     * Reads P15DT5H0M20S and its like (RFC 5545, 3.3.6).
     *
     * @throws TimeNotValid
     */
    public static function read(string $text): self
    {
        $pattern = '/^([+-])?P(?:(\d{1,6})W|(?:(\d{1,6})D)?(?:T(?:(\d{1,7})H)?(?:(\d{1,8})M)?(?:(\d{1,9})S)?)?)$/Di';
        if (preg_match($pattern, trim($text), $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw TimeNotValid::noSuchTime($text);
        }
        $sign = $part[1] === '-' ? -1 : 1;

        return new self(
            $sign * ((int) $part[2] * 7 + (int) $part[3]),
            $sign * ((int) $part[4] * 3600 + (int) $part[5] * 60 + (int) $part[6]),
        );
    }

    /** The instant at which it is over. */
    public function end(Moment $start): int
    {
        return $start->zone->instantOf($start->reading + $this->days * 86_400) + $this->seconds;
    }
}
