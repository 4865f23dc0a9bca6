<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Booking;
use App\Sheets\LinkShown;
use App\Sheets\MeetingLink;
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

    /** Null where a calendar has nothing to keep: a wish that is not answered yet, or that was declined. */
    public static function of(Booking $booking, Occasion $occasion, Reader $reader, int $sequence, int $stamp): ?self
    {
        if ($occasion->isOpen() || $occasion === Occasion::Declined) {
            return null;
        }
        $meeting = self::meeting($booking, $reader, $sequence, $stamp);
        $leaves = $occasion === Occasion::GuestLeft && ! $reader->isHost() && $reader->person()->id !== $booking->pass_id;

        return match (true) {
            $occasion === Occasion::Cancelled || $leaves => new self('CANCEL', Invitation::cancel($meeting, $stamp)),
            ! $reader->isHost() => new self('REQUEST', Invitation::request($meeting, $stamp)),
            default => new self('PUBLISH', Invitation::publish($meeting, $stamp)),
        };
    }

    /** For a visitor to download from the pass. */
    public static function file(Booking $booking, int $now): string
    {
        $meeting = self::meeting($booking, Reader::pass($booking->pass), $booking->sequence, $now);
        $stamp = $booking->updated_at->getTimestamp();

        return $booking->stands() ? Invitation::publish($meeting, $stamp) : Invitation::cancel($meeting, $stamp);
    }

    public static function meeting(Booking $booking, Reader $reader, int $sequence, int $now): Meeting
    {
        $host = $booking->host;
        $visitor = $booking->pass;
        $facts = Letter::facts($booking, $reader, $now);
        $link = $reader->isHost() || $booking->sheet->rules->linkShown === LinkShown::Booked ? MeetingLink::of($booking) : null;

        return new Meeting(
            uid: $booking->uid,
            sequence: $sequence,
            span: $booking->span(),
            zone: $booking->sheet->host->school->timeZone(),
            summary: $booking->sheet->title.': '.($reader->isHost() ? $visitor->name.($booking->student === '' ? '' : ", about $booking->student") : $host->name),
            location: $link ?? $booking->place->label,
            description: implode("\n", array_map(static fn (string $name, string $value): string => "$name: $value", array_keys($facts), $facts)),
            host: new Person($host->name, $host->email),
            visitor: new Person($reader->isHost() ? $visitor->name : $reader->name(), $reader->isHost() ? (string) $visitor->email : $reader->email()),
            alarms: $booking->sheet->rules->reminders,
        );
    }
}
