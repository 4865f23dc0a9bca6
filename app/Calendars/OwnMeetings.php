<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Collection;

/** The meetings that stand in somebody's calendar: theirs, and those at which they have to be as a colleague. */
final class OwnMeetings
{
    private const MOST = 5_000;

    /**
     * @param  int  $since  an instant: none that was over by then
     * @return Collection<int, Booking>
     */
    public static function of(StaffMember $staff, int $since): Collection
    {
        return Booking::query()
            ->where('state', BookingState::Booked)
            ->where('ends_at', '>', Instant::column($since))
            ->where(
                static fn($one) => $one
                    ->where('staff_id', $staff->id)
                    ->orWhereHas(
                        'sheet.colleagues',
                        static fn($colleague) => $colleague->where('staff_id', $staff->id)->where('role', 'must'),
                    ),
            )
            ->with(['sheet.host.school', 'pass', 'place', 'host', 'guests.pass'])
            ->orderBy('starts_at')
            ->limit(self::MOST)
            ->get();
    }
}
