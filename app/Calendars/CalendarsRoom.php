<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Room;
use App\Models\Calendar;

/** Hosts' calendars in, feeds out. */
final class CalendarsRoom extends Room
{
    protected function policies(): array
    {
        return [Calendar::class => CalendarPolicy::class];
    }

    public function register(): void
    {
        $this->app->bind(VisitorsFeed::class, static fn (): HttpCalendarFeed => new HttpCalendarFeed([]));
        $this->app->bind(CalendarFeed::class, static fn (): HttpCalendarFeed => new HttpCalendarFeed(array_values(array_filter((array) config('recess.feed_hosts'), is_string(...)))));
    }
}
