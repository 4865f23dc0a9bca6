<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\RecessException;

/** A repeat that names no date, or that cannot be said. */
final class PatternNotValid extends \DomainException implements RecessException
{
    public static function noDates(): self
    {
        return new self('No date is chosen yet.');
    }

    public static function noDays(): self
    {
        return new self('A weekly repeat needs at least one day of the week.');
    }

    public static function noMonthDays(): self
    {
        return new self('A monthly repeat needs at least one day of the month.');
    }

    public static function monthDay(int $day): self
    {
        return new self(
            sprintf('A day of the month is from 1 to 31, or from -1 (the last) to -31; %d was given.', $day),
        );
    }

    public static function nth(int $nth): self
    {
        return new self(
            sprintf('The weekdays of a month are numbered 1 to 5, or -1 (the last) to -5; %d was given.', $nth),
        );
    }

    public static function interval(int $every): self
    {
        return new self(sprintf('A repeat comes every 1 to 1000 weeks or months; %d was given.', $every));
    }

    public static function count(int $times): self
    {
        return new self(sprintf('A repeat happens from 1 to 10000 times; %d was given.', $times));
    }

    public static function cannotSay(string $rule): self
    {
        return new self(
            sprintf(
                '“%s” is more than a block can repeat by; it has to be weekly on days of the week or monthly on days of the month.',
                mb_substr($rule, 0, 80),
            ),
        );
    }

    public static function nothingLeft(): self
    {
        return new self('No date is left on which the block would fall.');
    }
}
