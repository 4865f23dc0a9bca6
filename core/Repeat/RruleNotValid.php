<?php

declare(strict_types=1);

namespace Recess\Repeat;

use Recess\Message;
use Recess\RecessException;
use Recess\Refusing;

/** A recurrence rule that RFC 5545, 3.3.10 does not know, or that would never come to an end. */
final class RruleNotValid extends \DomainException implements RecessException
{
    use Refusing;

    public static function part(string $name, string $value): self
    {
        return new self(Message::of('given.rule_part', name: $name, value: mb_substr($value, 0, 60)));
    }

    public static function tooMuchWork(): self
    {
        return new self(Message::of('given.rule_too_much'));
    }

    public static function tooLong(): self
    {
        return new self(Message::of('given.rule_too_long'));
    }
}
