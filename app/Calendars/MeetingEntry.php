<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Pass;
use App\Models\SheetKind;
use App\Video\MeetingLink;
use Recess\Calendars\BookingFeed;
use Recess\Calendars\Invitation;
use Recess\Calendars\Meeting;
use Recess\Calendars\Person;

/** A booking as an iCalendar object for one reader. */
final class MeetingEntry
{
    /** For whoever comes to download from their own pass. */
    public static function file(Booking $booking, Reader $reader, int $now): string
    {
        $meeting = self::meeting($booking, $reader, $booking->sequence, $now);
        $stamp = $booking->updated_at->getTimestamp();

        return $booking->stands() ? Invitation::publish($meeting, $stamp) : Invitation::cancel($meeting, $stamp);
    }

    /**
     * Those of several bookings that stand, in one file.
     *
     * @param  array<Booking>  $bookings
     */
    public static function files(array $bookings, Reader $reader, int $now): string
    {
        $booked = array_filter($bookings, static fn(Booking $one): bool => $one->state === BookingState::Booked);

        return BookingFeed::write(
            Words::say('calendars.feed_name'),
            array_values(
                array_map(
                    static fn(Booking $one): array => [
                        self::meeting($one, $reader, $one->sequence, $now),
                        $one->updated_at->getTimestamp(),
                    ],
                    $booked,
                ),
            ),
        );
    }

    public static function meeting(Booking $booking, Reader $reader, int $sequence, int $now): Meeting
    {
        $host = $booking->host;
        $visitor = $booking->pass;
        $person = $reader->person();
        $facts =
            MeetingFacts::of($booking, $reader, $now) +
            ($person instanceof Pass
                ? [
                    Words::say('news.again_heading') => $person->linkTo($booking),
                ]
                : []);
        // What is kept in a calendar stays there: a link that is shown only when it is due does not go in.
        $shown = $booking->sheet->rules->text('link_shown') === 'booked' && $booking->state === BookingState::Booked;
        $link = $reader->isHost() || $shown ? MeetingLink::of($booking) : null;
        // What was asked for is the visitor's to call, and the host's to come to.
        $asked = $reader->isHost() && $booking->sheet->kind === SheetKind::Knock;
        $other = $reader->isHost() ? $visitor : $host;
        $answers =
            $reader->isHost() && !$asked
                ? null
                : AnswerAddress::of($booking->uid, $reader->email(), $reader->generation());

        return new Meeting(
            uid: $booking->uid,
            sequence: $sequence,
            span: $booking->span(),
            zone: $booking->sheet->host->school->timeZone(),
            summary: Words::say($booking->student === '' ? 'calendars.summary' : 'calendars.summary_about', [
                'title' => $reader->said($booking->sheet, $booking->sheet->title),
                'with' => $reader->isHost() ? $visitor->name : $host->name,
                'student' => $booking->student,
            ]),
            location: $link ?? $reader->said($booking->sheet, $booking->place->label),
            description: implode("\n", array_map(Spell::fact(...), array_keys($facts), $facts)),
            host: new Person($host->name, $host->email),
            visitor: new Person(
                $reader->isHost() ? $visitor->name : $reader->name(),
                $reader->isHost() ? (string) $visitor->email : $reader->email(),
            ),
            alarms: $booking->sheet->rules->wholes('reminders'),
            tentative: $booking->state === BookingState::Asked,
            organizer: $asked || $answers !== null
                ? new Person($other->name, $answers ?? (string) $other->email)
                : null,
            attendee: $asked ? new Person($reader->name(), $reader->email()) : null,
        );
    }
}
