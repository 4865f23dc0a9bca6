<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Span;
use Recess\Time\Zone;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/**
 * A meeting of ours as it lies in somebody's own calendar, where they may add to it: what they did stays theirs when ours is
 * brought up to date.
 */
final class OwnEntry
{
    /** Bytes; one entry with what its owner has written to it. */
    private const MOST = 262_144;

    /** Ours whatever became of it there: a calendar that shows another time than was agreed would mislead its owner. */
    private const ALWAYS = ['DTSTAMP', 'DTSTART', 'DTEND', 'STATUS'];

    /** Ours as long as nobody has written another. */
    private const UNLESS_CHANGED = ['SUMMARY', 'LOCATION', 'TRANSP'];

    /**
     * An object that is kept, and not sent: without METHOD (RFC 4791, 4.1), and without ORGANIZER, so that no server takes it
     * for something to invite people to (RFC 6638, 3.1): they have been told already.
     */
    public static function kept(string $sent): string
    {
        $calendar = self::calendar($sent);
        $calendar->remove('METHOD');
        self::event($calendar)->remove('ORGANIZER');

        return $calendar->serialize();
    }

    /**
     * @param  string  $theirs  as it lies there now
     * @param  string  $wrote  as it was written last; empty where that is not known
     * @param  string  $now  as it has to be
     *
     * @throws CalendarNotReadable when what lies there is no entry
     */
    public static function broughtUp(string $theirs, string $wrote, string $now): string
    {
        $calendar = self::calendar($theirs);
        $calendar->remove('METHOD');
        $there = self::event($calendar);
        $before = $wrote === '' ? null : self::event(self::calendar($wrote));
        $new = self::event($ours = self::calendar($now));
        $there->remove('DURATION');
        foreach (self::ALWAYS as $name) {
            self::set($there, $name, Fields::all($new, $name));
        }
        foreach (self::UNLESS_CHANGED as $name) {
            $is = Fields::text($there, $name);
            if ($is === '' || ($before !== null && $is === Fields::text($before, $name))) {
                self::set($there, $name, Fields::all($new, $name));
            }
        }
        $there->add('DESCRIPTION', self::described($there, $before, $new));
        // One that is lower than what lies there would be taken for an old one (RFC 5545, 3.8.7.4).
        $sequence = max((int) Fields::text($there, 'SEQUENCE'), (int) Fields::text($new, 'SEQUENCE'));
        $there->remove('SEQUENCE');
        $there->add('SEQUENCE', (string) $sequence);
        self::zones($calendar, $ours);

        return $calendar->serialize();
    }

    /**
     * When it is there, and whether its owner has crossed it out.
     *
     * @return array{string, Span|null, bool} UID, its time, whether it is off
     *
     * @throws CalendarNotReadable
     */
    public static function read(string $text, Zone $floating): array
    {
        $read = Answer::read($text, $floating);
        $event = self::event(self::calendar($text));

        return [
            $read->uid,
            $read->span,
            strtoupper(Fields::text($event, 'STATUS')) === 'CANCELLED' || $read->says === PartStat::Declined,
        ];
    }

    /** What its owner wrote before or after what we had written stands before or after what we write now. */
    private static function described(VEvent $there, ?VEvent $before, VEvent $new): string
    {
        $is = Fields::text($there, 'DESCRIPTION');
        $was = $before === null ? '' : Fields::text($before, 'DESCRIPTION');
        $ours = Fields::text($new, 'DESCRIPTION');
        $there->remove('DESCRIPTION');

        return match (true) {
            $is === '' || $is === $was => $ours,
            $was !== '' && str_contains($is, $was) => str_replace($was, $ours, $is),
            default => $is,
        };
    }

    /** @param  list<Property>  $properties */
    private static function set(VEvent $event, string $name, array $properties): void
    {
        $event->remove($name);
        foreach ($properties as $property) {
            $event->add(clone $property);
        }
    }

    /** Zones that are named have to be described beside it (RFC 5545, 3.6.5). */
    private static function zones(VCalendar $calendar, VCalendar $ours): void
    {
        $known = [];
        foreach ([$calendar, $ours] as $one) {
            foreach ($one->select('VTIMEZONE') as $zone) {
                $name = $zone instanceof Component ? Fields::text($zone, 'TZID') : '';
                if ($one === $ours && $zone instanceof Component && !isset($known[$name])) {
                    $calendar->add(clone $zone);
                }
                $known[$name] = true;
            }
        }
    }

    private static function calendar(string $text): VCalendar
    {
        if (strlen($text) > self::MOST) {
            throw CalendarNotReadable::tooLarge(strlen($text), self::MOST);
        }
        try {
            $read = Reader::read($text, Reader::OPTION_FORGIVING);
        } catch (ParseException) {
            throw CalendarNotReadable::notACalendar();
        }

        return $read instanceof VCalendar ? $read : throw CalendarNotReadable::notACalendar();
    }

    private static function event(VCalendar $calendar): VEvent
    {
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent) {
                return $event;
            }
        }

        throw CalendarNotReadable::noEntry();
    }
}
