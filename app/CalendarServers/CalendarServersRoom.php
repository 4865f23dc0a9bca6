<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Accounts\HasLeft;
use App\Booking\BookingNews;
use App\Booking\Picked;
use App\Framework\Clock;
use App\Framework\Room;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;

/** Hosts' own calendars on calendar servers, both ways (CalDAV). */
final class CalendarServersRoom extends Room
{
    /** Seconds that somebody who books waits for it at most. */
    private const WAITS = 0.8;

    /** Seconds for which what was looked at is as good as now. */
    private const FRESH = 15;

    protected function tidies(): array
    {
        return [TidyEntries::class];
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
        $hosts = self::withServers($event->sheet);
        foreach ($hosts as $one) {
            $server = CalendarServer::of($one->id);
            // Whatever became of the last one: where a server does not answer, not each who books waits for that.
            if (
                $server !== null &&
                !$server->rests($now) &&
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
        foreach ([...self::withServers($booking->sheet), $booking->host, $event->wasWith] as $one) {
            // Twice for one of them is once: the job is unique.
            $one?->has_server === true && WriteSoon::dispatch($one->id);
        }
    }

    /** @return list<StaffMember> those of a sheet's hosts and colleagues whose calendars are on one */
    private static function withServers(Sheet $sheet): array
    {
        $all = [$sheet->host, ...$sheet->colleagues->map(static fn(SheetHost $one): StaffMember => $one->colleague)];

        return array_values(array_filter($all, static fn(StaffMember $one): bool => $one->has_server));
    }
}
