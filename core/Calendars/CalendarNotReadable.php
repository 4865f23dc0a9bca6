<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Message;
use Recess\RecessException;
use Recess\Refusing;

/** A text that is not an iCalendar object, or too much of one. */
final class CalendarNotReadable extends \DomainException implements RecessException
{
    use Refusing;

    public static function notACalendar(): self
    {
        return new self(Message::of('given.not_a_calendar'));
    }

    public static function neverEnds(int $line, string $component): self
    {
        return new self(Message::of('given.never_ends', line: $line, component: $component));
    }

    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(Message::of('given.calendar_too_large', bytes: $bytes, most: $most));
    }

    public static function noEntry(): self
    {
        return new self(Message::of('given.no_entry'));
    }

    public static function noAvailability(): self
    {
        return new self(Message::of('given.no_availability'));
    }

    public static function atLine(int $line, Message $why): self
    {
        return new self(Message::of('given.at_line', line: $line, why: $why));
    }
}
