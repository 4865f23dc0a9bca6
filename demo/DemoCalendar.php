<?php

declare(strict_types=1);

namespace Demo;

use Recess\Time\LocalDate;
use Recess\Time\Zone;

/** Stands where a staff member's calendar program would: a feed of a teacher's week, served by the demo itself. */
final class DemoCalendar
{
    /** Lunch duty, a department meeting and a dentist: something over every office hour now and then. */
    public static function feed(Zone $zone, int $now): string
    {
        $monday = $zone->dateAt($now)->plusDays(1 - $zone->dateAt($now)->weekday()->value);
        $entries = [
            ['lunch', 'Lunch duty', $monday->plusDays(1), '1115', '1145', 'RRULE:FREQ=WEEKLY;BYDAY=TU'],
            [
                'department',
                'Mathematics department',
                $monday->plusDays(3),
                '1300',
                '1330',
                'RRULE:FREQ=WEEKLY;INTERVAL=2;BYDAY=TH',
            ],
            ['dentist', 'Dentist', $monday->plusDays(15), '1030', '1100', ''],
            ['concert', 'Harbour choir rehearsal', $monday->plusDays(10), '1830', '2000', ''],
        ];
        $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Recess//Calendar stand-in//EN\r\nX-WR-TIMEZONE:$zone->name\r\n";
        foreach ($entries as [$uid, $title, $date, $from, $until, $rule]) {
            $day = self::compact($date);
            $text .=
                "BEGIN:VEVENT\r\nUID:$uid@stand-in.example\r\nDTSTAMP:20260101T000000Z\r\nSUMMARY:$title\r\nDTSTART:{$day}T{$from}00\r\nDTEND:{$day}T{$until}00\r\n" .
                ($rule === '' ? '' : "$rule\r\n") .
                "END:VEVENT\r\n";
        }

        return $text . "END:VCALENDAR\r\n";
    }

    private static function compact(LocalDate $date): string
    {
        return str_replace('-', '', (string) $date);
    }
}
