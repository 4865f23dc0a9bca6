<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\GuardedHttp;
use App\Framework\Notices;
use App\Framework\Said;
use App\Models\Instant;
use Illuminate\Support\Facades\Cache;

/** Brings somebody's calendars and what is agreed here into step, one after the other for each server. */
final class KeepInStep
{
    /** Seconds after which one that has died lets the next begin. */
    private const AT_MOST = 300;

    public function __construct(
        private readonly GuardedHttp $http,
        private readonly LookAt $look,
        private readonly WriteMeetings $write,
    ) {}

    /**
     * @param  bool  $looks  whether what is there is looked at, too; else what is agreed is written
     * @param  float|null  $within  seconds for all of it, where somebody waits; what is left is done at the next look
     * @return bool whether it could be
     */
    public function __invoke(CalendarServer $server, bool $looks, int $now, ?float $within = null): bool
    {
        $lock = Cache::lock("calendar-server|$server->id", self::AT_MOST);
        if (!$lock->get()) {
            return false;
        }
        try {
            $dav = $server->dav($within === null ? $this->http : $this->http->within($within));
            $calendars = $server
                ->calendars()
                ->with(['busy.owner.school', 'server.owner.school'])
                ->orderBy('id')
                ->get();
            $failure = null;
            foreach ($calendars as $one) {
                try {
                    $this->one($one, $dav, $looks, $now);
                } catch (DavFailed $failed) {
                    // Of the server as a whole, or of one of its calendars: then the others go on.
                    $failed->isOfOne() || throw $failed;
                    $failed->isGone() ? $this->forget($one) : ($failure ??= $failed);
                }
            }
            if ($failure !== null) {
                throw $failure;
            }
            $server->worked($now);
            Notices::over("server|failed|$server->id");

            return true;
        } catch (DavFailed $failure) {
            $server->failed($failure, $now);
            // Once, where they look; the page of the calendars says why.
            Notices::tellOnce($server->staff_id, "server|failed|$server->id", new Said('servers.not_in_step'));

            return false;
        } finally {
            $lock->release();
        }
    }

    private function one(ServerCalendar $calendar, Dav $dav, bool $looks, int $now): void
    {
        if ($looks && ($calendar->calendar_id !== null || $calendar->takes_meetings)) {
            ($this->look)($calendar, $dav, $now);
        }
        $calendar->takes_meetings ? ($this->write)($calendar, $dav, $now) : $this->write->leave($calendar, $dav, $now);
    }

    /** Its owner has deleted it there: it takes no times out any more, and no meetings, and they hear so. */
    private function forget(ServerCalendar $calendar): void
    {
        if ($calendar->calendar_id !== null || $calendar->takes_meetings) {
            Notices::tell(
                $calendar->server->staff_id,
                "server|gone|$calendar->id",
                new Said('servers.calendar_gone', ['calendar' => $calendar->name]),
            );
        }
        $calendar->busy?->delete();
        $calendar->delete();
    }

    /**
     * Looks for so long and no longer, for somebody who waits: what is not there by then is taken as it was, and the next look
     * says what is wrong.
     */
    public function glance(CalendarServer $server, float $seconds, int $now): void
    {
        $lock = Cache::lock("calendar-server|$server->id", self::AT_MOST);
        if (!$lock->get()) {
            return;
        }
        try {
            $dav = $server->dav($this->http->within($seconds));
            $busy = $server
                ->calendars()
                ->whereNotNull('calendar_id')
                ->with(['busy.owner.school', 'server.owner.school']);
            foreach ($busy->get() as $one) {
                ($this->look)($one, $dav, $now);
            }
            $server->update(['looked_at' => Instant::column($now)]);
        } catch (DavFailed) {
            // It may be on its way, or away: a look without a hurry finds out.
        } finally {
            $lock->release();
        }
    }
}
