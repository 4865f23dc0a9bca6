<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Framework\Room;
use App\Live\Announce;
use App\Models\StaffMember;
use App\Models\Turn;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;

/** The line on the day: who is here, who is in, and how long the others wait. */
final class LineRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Gate::define('run-desk', self::runsDesk(...));
        TimeOffer::saved(static fn(TimeOffer $offer) => Announce::booking($offer->booking));
        TimeOffer::deleted(static fn(TimeOffer $offer) => Announce::booking($offer->booking));
        DeskDay::saved(static fn(DeskDay $desk) => Announce::desk($desk->staff_id));
        Event::listen(BookingNews::class, self::forgetOtherDay(...));
    }

    /** Whoever sees some of it; how much, DeskReach says. */
    public static function runsDesk(StaffMember $reader, StaffMember $host): bool
    {
        return DeskReach::of($reader, $host)->isAny();
    }

    /** What was noted of the day before goes with a meeting that is on another one. */
    private static function forgetOtherDay(BookingNews $news): void
    {
        if ($news->occasion === Occasion::Moved) {
            $day = DayOf::at($news->booking->span()->start, $news->booking->sheet->host->school->timeZone());
            Turn::query()
                ->where('booking_id', $news->booking->id)
                ->where(
                    static fn($other) => $other
                        ->where('day', '!=', (string) $day->date)
                        ->orWhere('staff_id', '!=', $news->booking->staff_id),
                )
                ->delete();
        }
    }
}
