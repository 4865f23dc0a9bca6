<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Accounts\HasLeft;
use App\Booking\BookingNews;
use App\Calendars\GuardedHttp;
use App\Framework\Room;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Event;

/** Hosts' own calendars on calendar servers, both ways (CalDAV). */
final class CalendarServersRoom extends Room
{
    /** Seconds that a server may take for one answer. */
    private const SECONDS = 10;

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
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            app(DisconnectServer::class)($event->staff);
        });
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
