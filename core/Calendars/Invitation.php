<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Zone;
use Sabre\VObject\Component\VCalendar;

/** Writes a meeting as an iCalendar object to be sent (RFC 5545 and RFC 5546). */
final class Invitation
{
    /** METHOD:REQUEST: puts the meeting into the attendee's calendar, or updates it there (RFC 5546, 3.2.2). */
    public static function request(Meeting $meeting, int $stamp): string
    {
        return self::write('REQUEST', $meeting, $stamp);
    }

    /** METHOD:CANCEL: takes it out again; the UID is the same, the SEQUENCE higher (RFC 5546, 3.2.5). */
    public static function cancel(Meeting $meeting, int $stamp): string
    {
        return self::write('CANCEL', $meeting, $stamp);
    }

    /** METHOD:PUBLISH: for the organizer's own calendar, and for a file to keep (RFC 5546, 3.2.1). */
    public static function publish(Meeting $meeting, int $stamp): string
    {
        return self::write('PUBLISH', $meeting, $stamp);
    }

    /** METHOD:REPLY: what the attendee says to it (RFC 5546, 3.2.3), with the SEQUENCE of what they were asked. */
    public static function reply(Meeting $meeting, PartStat $says, int $stamp): string
    {
        return self::write('REPLY', $meeting, $stamp, $says);
    }

    /** METHOD:COUNTER: the attendee asks for another time (RFC 5546, 3.2.7), with the SEQUENCE of what they were asked. */
    public static function counter(Meeting $meeting, int $stamp): string
    {
        return self::write('COUNTER', $meeting, $stamp, PartStat::Tentative);
    }

    /** @param  int  $stamp the instant of writing, in seconds since the epoch */
    private static function write(string $method, Meeting $meeting, int $stamp, ?PartStat $says = null): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Recess//Recess//EN', 'METHOD' => $method]);
        ZoneRules::addTo($calendar, $meeting->zone, $meeting->span);
        self::add($calendar, $method, $meeting, $stamp, $says);

        return $calendar->serialize();
    }

    /** @internal one VEVENT into a calendar that may hold several */
    public static function add(
        VCalendar $calendar,
        string $method,
        Meeting $meeting,
        int $stamp,
        ?PartStat $says = null,
    ): void {
        $event = $calendar->createComponent('VEVENT', [
            'UID' => $meeting->uid,
            'DTSTAMP' => gmdate('Ymd\THis\Z', $stamp),
            'SEQUENCE' => (string) $meeting->sequence,
            'SUMMARY' => $meeting->summary,
            'LOCATION' => $meeting->location,
            'DESCRIPTION' => $meeting->description,
            'STATUS' => self::status($method, $meeting),
            'TRANSP' => 'OPAQUE',
        ]);
        $event->add('DTSTART', self::moment($meeting->span->start, $meeting->zone));
        $event->add('DTEND', self::moment($meeting->span->end, $meeting->zone));
        $event->add('ORGANIZER', 'mailto:' . $meeting->organizer()->email, ['CN' => $meeting->organizer()->name]);
        $attendee = $meeting->attendee();
        if ($method !== 'PUBLISH' && $attendee->email !== '') {
            // They have said yes by booking, so nobody has to press a button; unless they are the one who is asked.
            $event->add(
                'ATTENDEE',
                'mailto:' . $attendee->email,
                [
                    'CN' => $attendee->name,
                    'ROLE' => 'REQ-PARTICIPANT',
                    'PARTSTAT' => ($says ?? ($meeting->asks ? PartStat::NeedsAction : PartStat::Accepted))->value,
                ] + ($says === null ? ['RSVP' => $meeting->asks ? 'TRUE' : 'FALSE'] : []),
            );
        }
        foreach (!in_array($method, ['REQUEST', 'PUBLISH'], true) ? [] : $meeting->alarms as $minutes) {
            $event->add(
                $calendar->createComponent('VALARM', [
                    'ACTION' => 'DISPLAY',
                    'TRIGGER' => "-PT{$minutes}M",
                    'DESCRIPTION' => $meeting->summary,
                ]),
            );
        }
        $calendar->add($event);
    }

    /** RFC 5545, 3.8.1.11; another time that is asked for is not agreed (RFC 5546, 3.2.7). */
    private static function status(string $method, Meeting $meeting): string
    {
        return match ($method) {
            'CANCEL' => 'CANCELLED',
            'COUNTER' => 'TENTATIVE',
            default => $meeting->tentative ? 'TENTATIVE' : 'CONFIRMED',
        };
    }

    private static function moment(int $instant, Zone $zone): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@' . $instant))->setTimezone(new \DateTimeZone($zone->name));
    }
}
