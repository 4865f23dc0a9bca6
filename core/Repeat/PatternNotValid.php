<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Message;
use Recess\RecessException;
use Recess\Refusing;

/** A repeat that names no date, or that cannot be said. */
final class PatternNotValid extends \DomainException implements RecessException
{
    use Refusing;

    public static function noDates(): self
    {
        return new self(Message::of('given.no_dates'));
    }

    public static function noDays(): self
    {
        return new self(Message::of('given.no_days'));
    }

    public static function noMonthDays(): self
    {
        return new self(Message::of('given.no_month_days'));
    }

    public static function monthDay(int $day): self
    {
        return new self(Message::of('given.month_day', given: $day));
    }

    public static function nth(int $nth): self
    {
        return new self(Message::of('given.nth', given: $nth));
    }

    public static function interval(int $every): self
    {
        return new self(Message::of('given.interval', given: $every));
    }

    public static function count(int $times): self
    {
        return new self(Message::of('given.times', given: $times));
    }

    public static function cannotSay(string|Message $rule): self
    {
        return new self(
            Message::of('given.cannot_repeat_by', rule: is_string($rule) ? mb_substr($rule, 0, 80) : $rule),
        );
    }

    public static function nothingLeft(): self
    {
        return new self(Message::of('given.nothing_left'));
    }
}
