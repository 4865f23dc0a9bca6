<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Time\Span;
use Sabre\VObject\Component\VCalendar;

/** Writes somebody's meetings as one calendar to subscribe to (RFC 5545; the name by RFC 7986, 5.1). */
final class BookingFeed
{
    /** @param  list<array{Meeting, int}>  $meetings  each with the instant of its last change */
    public static function write(string $name, array $meetings): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Recess//Recess//EN',
            'METHOD' => 'PUBLISH',
            'NAME' => $name,
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT15M',
        ]);
        $zones = [];
        foreach ($meetings as [$meeting]) {
            $known = $zones[$meeting->zone->name] ?? null;
            $span = $known[1] ?? $meeting->span;
            $zones[$meeting->zone->name] = [
                $meeting->zone,
                Span::of(min($span->start, $meeting->span->start), max($span->end, $meeting->span->end)),
            ];
        }
        foreach ($zones as [$zone, $reach]) {
            ZoneRules::addTo($calendar, $zone, $reach);
        }
        foreach ($meetings as [$meeting, $stamp]) {
            Invitation::add($calendar, 'PUBLISH', $meeting, $stamp);
        }

        return $calendar->serialize();
    }
}
