<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Guard;
use App\Models\Calendar;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;

/** Forgets somebody's server: name, password, and what was read there. What was written there stays, it is theirs. */
final class DisconnectServer
{
    public function __invoke(StaffMember $staff): void
    {
        DB::transaction(static function () use ($staff): void {
            Guard::raise("calendar-server|$staff->id");
            $server = CalendarServer::of($staff->id);
            $server === null || self::drop($server);
            $staff->update(['has_server' => false]);
        });
    }

    /** Within the transaction of whoever has raised its guard. */
    public static function drop(CalendarServer $server): void
    {
        Calendar::query()
            ->whereIn('id', $server->calendars()->whereNotNull('calendar_id')->pluck('calendar_id'))
            ->delete();
        $server->delete();
    }
}
