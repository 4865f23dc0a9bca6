<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\RecessException;

/** A text that is not an iCalendar object, or too much of one. */
final class CalendarNotReadable extends \DomainException implements RecessException
{
    public static function notACalendar(): self
    {
        return new self('Line 1: this is not a calendar. An iCalendar file begins with BEGIN:VCALENDAR.');
    }

    public static function neverEnds(int $line, string $component): self
    {
        return new self(sprintf('Line %d: %s begins here and never ends.', $line, $component));
    }

    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(sprintf('This calendar has %d bytes; at most %d are read.', $bytes, $most));
    }

    public static function noEntry(): self
    {
        return new self('Line 1: there is no VEVENT in this calendar (RFC 5545, 3.6.1).');
    }

    public static function noAvailability(): self
    {
        return new self('Line 1: there is no VAVAILABILITY in this calendar (RFC 7953).');
    }

    public static function atLine(int $line, string $why): self
    {
        return new self(sprintf('Line %d: %s', $line, $why));
    }
}
