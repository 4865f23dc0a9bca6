<?php

declare(strict_types=1);

namespace Demo;

use Recess\Calendars\Fields;
use Recess\Calendars\PartStat;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Part\TextPart;

/** Stands where the calendar program of whoever reads a message would: it answers an invitation as RFC 5546, 3.2.3 says. */
final class CalendarProgram
{
    /** @return string|null the message that it would send; null where there is nothing to answer, or nobody takes it in */
    public static function answer(MailroomMessage $message, PartStat $says, int $now): ?string
    {
        $text = OpenedMessage::read($message)->calendar;
        $asked = $text === '' ? null : Reader::read($text, Reader::OPTION_FORGIVING);
        $event =
            $asked instanceof VCalendar && Fields::text($asked, 'METHOD') === 'REQUEST'
                ? $asked->select('VEVENT')[0] ?? null
                : null;
        $organizer =
            $event instanceof VEvent ? (string) preg_replace('/^mailto:/i', '', Fields::text($event, 'ORGANIZER')) : '';
        if (!($event instanceof VEvent) || !str_starts_with($organizer, 'answers')) {
            return null;
        }
        $calendar = new VCalendar([
            'PRODID' => '-//Recess//the stand-in for a calendar program//EN',
            'METHOD' => 'REPLY',
        ]);
        $reply = $calendar->createComponent('VEVENT', [
            'UID' => Fields::text($event, 'UID'),
            'SEQUENCE' => Fields::text($event, 'SEQUENCE'),
            'DTSTAMP' => gmdate('Ymd\THis\Z', $now),
        ]);
        $reply->add('ORGANIZER', "mailto:$organizer");
        $reply->add('ATTENDEE', "mailto:$message->recipient", ['PARTSTAT' => $says->value]);
        $calendar->add($reply);
        $part = new TextPart($calendar->serialize(), 'utf-8', 'calendar');
        $part
            ->getHeaders()
            ->addParameterizedHeader('Content-Type', 'text/calendar', ['charset' => 'utf-8', 'method' => 'REPLY']);

        return (new Email())
            ->from($message->recipient)
            ->to($organizer)
            ->subject('Answer: ' . $message->subject)
            ->setBody($part)
            ->toString();
    }
}
