<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Span;
use Sabre\VObject\Component\VCalendar;

/** Writes free and busy periods as VFREEBUSY (RFC 5545, 3.6.4). */
final class FreeBusy
{
    /**
     * @param  Span  $range  what was asked about
     * @param  list<array{Span, bool}>  $periods  each, and whether it is free; in order
     * @param  int  $stamp  the instant of writing
     */
    public static function write(Span $range, array $periods, string $uid, int $stamp): string
    {
        $at = static fn(int $instant): string => gmdate('Ymd\THis\Z', $instant);
        $calendar = new VCalendar(['PRODID' => '-//Recess//Recess//EN', 'METHOD' => 'PUBLISH']);
        $part = $calendar->createComponent('VFREEBUSY', [
            'UID' => $uid,
            'DTSTAMP' => $at($stamp),
            'DTSTART' => $at($range->start),
            'DTEND' => $at($range->end),
        ]);
        foreach ($periods as [$span, $free]) {
            $part->add('FREEBUSY', $at($span->start) . '/' . $at($span->end), ['FBTYPE' => $free ? 'FREE' : 'BUSY']);
        }
        $calendar->add($part);

        return $calendar->serialize();
    }
}
