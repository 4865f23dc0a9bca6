<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Tidies;
use App\Models\Booking;
use App\Models\Instant;

/** What we wrote of a meeting is known as long as it has to be brought up to date: who came is the booking's to keep. */
final class TidyEntries implements Tidies
{
    public function tidy(int $now): void
    {
        ServerEntry::query()
            ->whereIn('booking_id', Booking::query()->select('id')->where('ends_at', '<', Instant::column($now)))
            ->delete();
    }
}
