<?php

declare(strict_types=1);

namespace Recess\Time;

use Recess\Message;
use Recess\RecessException;
use Recess\Refusing;

/** A time, date, span or zone that cannot exist as given. */
final class TimeNotValid extends \DomainException implements RecessException
{
    use Refusing;

    public static function spanEndsFirst(int $start, int $end): self
    {
        return new self(Message::of('given.span_ends_first', start: $start, end: $end));
    }

    public static function rangeEndsFirst(LocalDate $first, LocalDate $last): self
    {
        return new self(Message::of('given.range_ends_first', first: $first, last: $last));
    }

    public static function rangeTooLong(LocalDate $first, LocalDate $last): self
    {
        return new self(Message::of('given.range_too_long', first: $first, last: $last));
    }

    /** Of a zone that a calendar describes by rules of its own. */
    public static function zoneTooLong(string $name, ?\Throwable $because = null): self
    {
        return new self(Message::of('given.zone_too_long', name: self::shortened($name)), $because);
    }

    public static function noSuchDate(string $given): self
    {
        return new self(Message::of('given.no_such_date', given: self::shortened($given)));
    }

    public static function noSuchInstant(string $given): self
    {
        return new self(Message::of('given.no_such_instant', given: self::shortened($given)));
    }

    public static function noSuchTime(string $given): self
    {
        return new self(Message::of('given.no_such_time', given: self::shortened($given)));
    }

    public static function noSuchHours(string $given): self
    {
        return new self(Message::of('given.no_such_hours', given: self::shortened($given)));
    }

    public static function earlyHours(string $given): self
    {
        return new self(Message::of('given.early_hours', given: self::shortened($given)));
    }

    public static function noSuchZone(string $given): self
    {
        return new self(Message::of('given.no_such_zone', given: self::shortened($given)));
    }

    public static function endsBeforeStart(LocalTime $from, LocalTime $until): self
    {
        return new self(Message::of('given.ends_before_start', from: $from, until: $until));
    }

    public static function afterMidnight(string $given): self
    {
        return new self(Message::of('given.after_midnight', given: self::shortened($given)));
    }

    public static function longerThanADay(int $minutes): self
    {
        return new self(Message::of('given.longer_than_a_day', hours: intdiv($minutes, 60), minutes: $minutes % 60));
    }

    /** Error messages repeat what was given, but not ten thousand characters of it. */
    private static function shortened(string $given): string
    {
        return mb_strlen($given) > 40 ? mb_substr($given, 0, 40) . '…' : $given;
    }
}
