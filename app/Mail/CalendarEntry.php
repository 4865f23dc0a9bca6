<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Booking;
use App\Models\Party;
use Recess\Calendars\Invitation;
use Recess\Calendars\Meeting;
use Recess\Calendars\Person;

/** A booking as an iCalendar object for one reader. */
final readonly class CalendarEntry
{
    private function __construct(
        public string $method,
        public string $text,
    ) {
    }

    public static function of(Booking $booking, Occasion $occasion, Party $reader, int $sequence, int $stamp): self
    {
        $meeting = self::meeting($booking, $reader, $sequence);

        return match (true) {
            $occasion === Occasion::Cancelled => new self('CANCEL', Invitation::cancel($meeting, $stamp)),
            $reader === Party::Visitor => new self('REQUEST', Invitation::request($meeting, $stamp)),
            default => new self('PUBLISH', Invitation::publish($meeting, $stamp)),
        };
    }

    /** For a visitor to download from the pass. */
    public static function file(Booking $booking): string
    {
        $meeting = self::meeting($booking, Party::Visitor, $booking->sequence);
        $stamp = $booking->updated_at->getTimestamp();

        return $booking->isCancelled() ? Invitation::cancel($meeting, $stamp) : Invitation::publish($meeting, $stamp);
    }

    private static function meeting(Booking $booking, Party $reader, int $sequence): Meeting
    {
        $host = $booking->sheet->host;
        $visitor = $booking->pass;
        $facts = Letter::facts($booking, $reader);

        return new Meeting(
            uid: $booking->uid,
            sequence: $sequence,
            span: $booking->span(),
            zone: $host->school->timeZone(),
            summary: $booking->sheet->title.': '.($reader === Party::Visitor ? $host->name : "$visitor->name, about $booking->student"),
            location: $booking->place->link ?? $booking->place->label,
            description: implode("\n", array_map(static fn (string $name, string $value): string => "$name: $value", array_keys($facts), $facts)),
            host: new Person($host->name, $host->email),
            visitor: new Person($visitor->name, $visitor->email),
        );
    }
}
