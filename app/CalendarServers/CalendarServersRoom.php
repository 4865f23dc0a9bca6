<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Accounts\HasLeft;
use App\Booking\BookingNews;
use App\Booking\Picked;
use App\Calendars\GuardedHttp;
use App\Framework\Clock;
use App\Framework\Room;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;

/** Hosts' own calendars on calendar servers, both ways (CalDAV). */
final class CalendarServersRoom extends Room
{
    /** Seconds that a server may take for one answer. */
    private const SECONDS = 10;

    /** Seconds that somebody who books waits for it at most. */
    private const WAITS = 0.8;

    /** Seconds for which what was looked at is as good as now. */
    private const FRESH = 15;

    protected function tidies(): array
    {
        return [TidyEntries::class];
    }

    public function register(): void
    {
        $this->app->bind(
            GuardedHttp::class,
            static fn(): GuardedHttp => new GuardedHttp(
                array_values(array_filter((array) config('recess.feed_hosts'), is_string(...))),
                self::SECONDS,
            ),
        );
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(BookingNews::class, self::soon(...));
        Event::listen(Picked::class, self::first(...));
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            app(DisconnectServer::class)($event->staff);
        });
    }

    /** Whoever waits for it waits for no longer than they notice, and not again for what was looked at just now. */
    private static function first(Picked $event): void
    {
        $now = Clock::now();
        $hosts = [
            $event->sheet->host,
            ...$event->sheet->colleagues->map(static fn($one): StaffMember => $one->colleague),
        ];
        foreach ($hosts as $one) {
            $server = $one->has_server ? CalendarServer::query()->where('staff_id', $one->id)->first() : null;
            // Whatever became of the last one: where a server does not answer, not each who books waits for that.
            if (
                $server !== null &&
                !KeepInStep::rests($server, $now) &&
                Cache::add("calendar-glance|$server->id", true, self::FRESH)
            ) {
                app(KeepInStep::class)->glance($server, self::WAITS / count($hosts), $now);
            }
        }
    }

    /** Within the transaction that agrees it: what is not agreed after all is not written. */
    private static function soon(BookingNews $event): void
    {
        $booking = $event->booking;
        $colleagues = $booking->sheet->colleagues->map(static fn($one): StaffMember => $one->colleague)->all();
        foreach ([$booking->host, $event->wasWith, ...$colleagues] as $one) {
            $one?->has_server === true && WriteSoon::dispatch($one->id);
        }
    }
}
