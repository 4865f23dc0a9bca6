<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Spell;
use App\Models\BusySpan;
use App\Models\Instant;
use App\Models\StaffMember;

/** Somebody's calendars on their server, as they see them. The password is shown to nobody, them included. */
final class CalendarServerData
{
    /** @return CalendarServerShape as CalendarServer in docs/formats/recess.openapi.yaml */
    public static function of(StaffMember $staff, int $now): array
    {
        $server = CalendarServer::of($staff->id);
        $zone = $staff->school->timeZone();
        $calendars = $server?->calendars()->with('busy')->orderBy('name')->orderBy('id')->get();

        return [
            'connected' => $server !== null,
            'host' => $server === null ? '' : (string) parse_url($server->address, PHP_URL_HOST),
            'name' => $server->name ?? '',
            'failure' => $server?->said() ?? '',
            'looked' => $server?->looked_at === null ? '' : Spell::moment($server->looked_at->getTimestamp(), $zone),
            'calendars' => array_values(
                array_map(
                    static fn(ServerCalendar $one): array => self::calendar($one, $now),
                    $calendars?->all() ?? [],
                ),
            ),
        ];
    }

    /** @return CalendarThereShape */
    private static function calendar(ServerCalendar $one, int $now): array
    {
        $ahead = BusySpan::query()
            ->where('calendar_id', $one->calendar_id)
            ->where('ends_at', '>', Instant::column($now));

        return [
            'id' => $one->id,
            'name' => $one->name,
            'busy' => $one->calendar_id !== null,
            'times' => $one->calendar_id === null ? 0 : $ahead->count(),
            'can_write' => $one->can_write,
            'meetings' => $one->takes_meetings,
            'written' => $one->entries()->where('taken_out', false)->count(),
            'skipped' => count($one->busy->skipped ?? []),
        ];
    }
}
