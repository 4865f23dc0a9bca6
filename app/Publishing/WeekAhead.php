<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Spell;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\HostRole;
use App\Models\Instant;
use App\Models\SheetHost;
use App\Models\StaffMember;

/** Whom somebody who works here meets in the next seven days, on whichever sheet, theirs or one at which they have to be. */
final class WeekAhead
{
    private const DAYS = 7;

    /** As many stand there of one day; the day's list has all of them. */
    private const A_DAY = 6;

    /** As many are read: an evening of conferences is fifty. */
    private const MOST = 500;

    /**
     * @param  int  $now  seconds since the epoch
     * @return list<array{date: string, day: string, more: int, meetings: list<array{from: string, who: string, sheet: int}>}> the days on which there is somebody
     */
    public static function of(StaffMember $host, int $now): array
    {
        $zone = $host->school->timeZone();
        $last = $zone->dateAt($now)->plusDays(self::DAYS);
        $along = SheetHost::query()->where('staff_id', $host->id)->where('role', HostRole::Must)->pluck('sheet_id');
        $meetings = Booking::query()
            ->where(static fn($one) => $one->where('staff_id', $host->id)->orWhereIn('sheet_id', $along))
            ->where('state', BookingState::Booked)
            ->where('ends_at', '>', Instant::column($now))
            ->where('starts_at', '<', Instant::column($zone->instant($last, 0)))
            ->with('pass')
            ->orderBy('starts_at')
            ->limit(self::MOST)
            ->get();

        return array_values(
            $meetings
                ->groupBy(static fn(Booking $one): string => (string) $zone->dateAt($one->span()->start))
                ->map(
                    static fn($day, string $date): array => [
                        'date' => $date,
                        'day' => Spell::shortDate($zone->dateAt($day->firstOrFail()->span()->start)),
                        'more' => max(0, $day->count() - self::A_DAY),
                        'meetings' => array_values(
                            $day
                                ->take(self::A_DAY)
                                ->map(
                                    static fn(Booking $one): array => [
                                        'from' => (string) $zone->timeAt($one->span()->start),
                                        'who' => $one->student ?: $one->pass->name,
                                        'sheet' => $one->sheet_id,
                                    ],
                                )
                                ->all(),
                        ),
                    ],
                )
                ->all(),
        );
    }
}
