<?php

declare(strict_types=1);

namespace App\School;

use Recess\Calendars\BusyReader;
use Recess\Time\Span;
use Recess\Time\Zone;

/** Reads a calendar of holidays: each entry's days are days on which the school is closed. */
final class ClosedDaysFile
{
    /**
     * @return list<array{name: string, first: string, last: string}>
     *
     * @throws \Recess\Calendars\CalendarNotReadable
     */
    public static function read(string $text, Zone $zone, int $now): array
    {
        // Holiday calendars mark their days as free time; here it is the days that count, not the busyness.
        $text = (string) preg_replace('/^TRANSP:TRANSPARENT\r?\n/mi', '', $text);
        $read = BusyReader::read($text, Span::of($now - 31 * 86_400, $now + 3 * 366 * 86_400), $zone);

        return array_map(
            static fn(array $entry): array => [
                'name' => mb_strimwidth(mb_scrub($entry[1]) ?: 'Closed', 0, 80, '…'),
                'first' => (string) $zone->dateAt($entry[0]->start),
                'last' => (string) $zone->dateAt($entry[0]->end - 1),
            ],
            array_slice($read->entries, 0, 500),
        );
    }
}
