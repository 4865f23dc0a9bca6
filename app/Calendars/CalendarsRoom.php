<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Accounts\HasLeft;
use App\Framework\Room;
use App\Models\Calendar;
use Illuminate\Support\Facades\Event;

/** Hosts' calendars in, feeds out. */
final class CalendarsRoom extends Room
{
    protected function policies(): array
    {
        return [Calendar::class => CalendarPolicy::class];
    }

    public function register(): void
    {
        $this->app->bind(VisitorsFeed::class, static fn(): HttpCalendarFeed => new HttpCalendarFeed([]));
        $this->app->bind(CalendarFeed::class, static fn(): HttpCalendarFeed => new HttpCalendarFeed(self::inside()));
        $this->app->bind(GuardedHttp::class, static fn(): GuardedHttp => new GuardedHttp(self::inside()));
    }

    /** @return list<string> hosts of the school's own network that staff may name */
    private static function inside(): array
    {
        return array_values(array_filter((array) config('recess.feed_hosts'), is_string(...)));
    }

    public function boot(): void
    {
        parent::boot();
        Event::listen(HasLeft::class, static function (HasLeft $event): void {
            Calendar::query()->where('staff_id', $event->staff->id)->delete();
        });
    }
}
