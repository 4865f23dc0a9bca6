<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\RecessException;

/** A recurrence rule that RFC 5545, 3.3.10 does not know, or that would never come to an end. */
final class RruleNotValid extends \DomainException implements RecessException
{
    public static function part(string $name, string $value): self
    {
        return new self(sprintf('The repeat cannot be read: %s=%s.', $name, mb_substr($value, 0, 60)));
    }

    public static function tooMuchWork(): self
    {
        return new self('The repeats of this calendar take too long to work out, and this one was left out.');
    }

    public static function tooLong(): self
    {
        return new self('The repeat happens more often than anybody meets, and was not followed to its end.');
    }
}
