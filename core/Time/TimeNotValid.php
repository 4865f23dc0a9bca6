<?php

declare(strict_types=1);

namespace Recess\Time;

use Recess\RecessException;

/** A time, date, span or zone that cannot exist as given. */
final class TimeNotValid extends \DomainException implements RecessException
{
    public static function spanEndsFirst(int $start, int $end): self
    {
        return new self(sprintf('A span has to end after it starts; %d s is not after %d s.', $end, $start));
    }

    public static function rangeEndsFirst(LocalDate $first, LocalDate $last): self
    {
        return new self(sprintf('A range of dates ends on or after its first day; %s is before %s.', $last, $first));
    }

    public static function rangeTooLong(LocalDate $first, LocalDate $last): self
    {
        return new self(sprintf('From %s to %s is more than ten years. Look at the years again.', $first, $last));
    }

    /** Of a zone that a calendar describes by rules of its own. */
    public static function zoneTooLong(string $name, ?\Throwable $because = null): self
    {
        return new self(
            sprintf('The clock changes of the zone “%s” take too long to work out.', self::shortened($name)),
            previous: $because,
        );
    }

    public static function noSuchDate(string $given): self
    {
        return new self(
            sprintf('There is no date “%s”. Write it as year-month-day, such as 2026-11-26.', self::shortened($given)),
        );
    }

    public static function noSuchInstant(string $given): self
    {
        return new self(
            sprintf(
                '“%s” is not an instant. Write it as RFC 3339 has it, such as 2026-11-26T16:30:00-04:00.',
                self::shortened($given),
            ),
        );
    }

    public static function noSuchTime(string $given): self
    {
        return new self(
            sprintf('“%s” is not a time of day. Write it as 16:30, 1630, 16.30 or 4:30pm.', self::shortened($given)),
        );
    }

    public static function noSuchHours(string $given): self
    {
        return new self(
            sprintf(
                '“%s” says no hours. Write from when until when, such as 8:00 to 12:00, 13:00 to 16:00.',
                self::shortened($given),
            ),
        );
    }

    public static function earlyHours(string $given): self
    {
        return new self(
            sprintf(
                '“%s”: in the morning or in the evening? Write 16:00 to 18:00, or 4pm to 6pm; or 5am, where it is that early.',
                self::shortened($given),
            ),
        );
    }

    public static function noSuchZone(string $given): self
    {
        return new self(
            sprintf(
                'There is no time zone “%s”. Use a name of the tz database, such as Europe/Lisbon.',
                self::shortened($given),
            ),
        );
    }

    public static function endsBeforeStart(LocalTime $from, LocalTime $until): self
    {
        return new self(sprintf('The end, %s, has to be later than the start, %s.', $until, $from));
    }

    public static function afterMidnight(string $given): self
    {
        return new self(
            sprintf(
                '“%s” is past midnight. A block ends by 24:00 and lasts 24 hours at most; for a longer one, write a second block on the next date.',
                self::shortened($given),
            ),
        );
    }

    public static function longerThanADay(int $minutes): self
    {
        return new self(
            sprintf(
                'A stretch may last 24 hours at most; this one lasts %d hours and %d minutes.',
                intdiv($minutes, 60),
                $minutes % 60,
            ),
        );
    }

    /** Error messages repeat what was given, but not ten thousand characters of it. */
    private static function shortened(string $given): string
    {
        return mb_strlen($given) > 40 ? mb_substr($given, 0, 40) . '…' : $given;
    }
}
