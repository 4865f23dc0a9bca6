<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\GuardedHttp;
use App\Framework\Guard;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;

/** Finds somebody's calendars on their server, and keeps as whom they are read: with all of them, or not at all. */
final class ConnectServer
{
    /** Seconds that whoever gives one waits for all of its answers. */
    private const WAITS = 15;

    public function __construct(private readonly GuardedHttp $http, private readonly FindCalendars $find) {}

    /**
     * What was ticked before on the same server stays ticked: a new password is no new server.
     *
     * @throws DavFailed
     */
    public function __invoke(
        StaffMember $staff,
        string $address,
        string $name,
        #[\SensitiveParameter] string $password,
        int $now,
    ): CalendarServer {
        $address = preg_match('#^[a-z]+://#i', $address) === 1 ? $address : "https://$address";
        $dav = Dav::at($this->http->within(self::WAITS), $address, $name, $password);
        $found = ($this->find)($dav, $address);

        return DB::transaction(static function () use ($staff, $name, $password, $dav, $found, $now): CalendarServer {
            Guard::raise("calendar-server|$staff->id");
            $before = CalendarServer::of($staff->id);
            $isSame = $before !== null && $before->address === $dav->origin && $before->name === $name;
            if ($before !== null && !$isSame) {
                DisconnectServer::drop($before);
                $before = null;
            }
            $server = $before ?? new CalendarServer(['staff_id' => $staff->id]);
            $server->fill(['address' => $dav->origin, 'name' => $name, 'password' => $password])->save();
            foreach ($found as $one) {
                ServerCalendar::query()->updateOrCreate(['server_id' => $server->id, 'path' => $one['path']], $one);
            }
            $staff->update(['has_server' => true]);
            $server->worked($now);

            return $server->refresh();
        });
    }
}
