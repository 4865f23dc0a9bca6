<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Repeat\Budget;
use Recess\Time\Span;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;

/**
 * What a calendar program sends back to an invitation: REPLY with what its owner says, or COUNTER with another time
 * (RFC 5546, 3.2.3 and 3.2.7).
 */
final readonly class Answer
{
    /** Bytes; an answer is one entry. */
    private const MOST = 262_144;

    private function __construct(
        /** In capitals: REPLY, COUNTER, or whatever else it is. */
        public string $method,
        public string $uid,
        /** Of the entry that is answered. */
        public int $sequence,
        /** The instant of writing: of two answers to one entry the later one counts (RFC 5546, 2.1.5). */
        public int $stamp,
        /** The address of whoever answers, in lower case; empty where it names none, or several. */
        public string $attendee,
        /** Null where it says none that RFC 5545 knows. */
        public ?PartStat $says,
        /** Of the entry, in a COUNTER the time that is asked for instead; null where it names none. */
        public ?Span $span,
        public string $comment,
        /** Whether it is about one occurrence of a repeat, which nothing of ours is. */
        public bool $ofOccurrence,
    ) {}

    /**
     * @param  Zone  $floating  for times that name no zone
     *
     * @throws CalendarNotReadable when it is no calendar, too large a one, or has no entry
     */
    public static function read(string $text, Zone $floating): self
    {
        $chunks = Chunks::of($text, new Limits(bytes: self::MOST));
        $skipped = [];
        foreach ($chunks->named('VEVENT', $skipped) as $line => $event) {
            $attendees = Fields::all($event, 'ATTENDEE');
            $one = count($attendees) === 1 ? $attendees[0] : null;
            try {
                $zones = Zones::of($chunks, $floating, new Budget((new Limits())->work));
                $start = Fields::moment($event, 'DTSTART', $zones);
                $end =
                    Fields::moment($event, 'DTEND', $zones)?->instant() ??
                    (($length = Fields::text($event, 'DURATION')) === '' || $start === null
                        ? null
                        : Lasting::read($length)->end($start));
                $stamp = Fields::moment($event, 'DTSTAMP', $zones);
            } catch (TimeNotValid $failure) {
                throw CalendarNotReadable::atLine($line, $failure->says());
            }

            return new self(
                method: preg_match('/^METHOD(?:;[^:\r\n]*)?:\s*([\w-]+)/mi', $text, $part) === 1
                    ? strtoupper($part[1])
                    : '',
                uid: trim(Fields::text($event, 'UID')),
                // RFC 5545, 3.8.7.4: none means 0.
                sequence: max(0, (int) Fields::text($event, 'SEQUENCE')),
                stamp: $stamp?->instant() ?? 0,
                attendee: $one === null
                    ? ''
                    : mb_strtolower((string) preg_replace('/^mailto:/i', '', trim((string) $one))),
                says: $one === null ? null : PartStat::tryFrom(strtoupper(Fields::parameter($one, 'PARTSTAT'))),
                span: $start !== null && $end !== null && $end > $start->instant()
                    ? Span::of($start->instant(), $end)
                    : null,
                comment: mb_strimwidth(trim(Fields::text($event, 'COMMENT')), 0, 1000, '…'),
                ofOccurrence: Fields::all($event, 'RECURRENCE-ID') !== [],
            );
        }

        throw CalendarNotReadable::noEntry();
    }
}
