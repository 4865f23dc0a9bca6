<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Who comes to whom on a day, in the whole school: for the front desk. Names, times and places, and nothing that was told to one person. */
final class DayController
{
    public function page(#[CurrentUser] StaffMember $reader, Request $request): View
    {
        $zone = $reader->school->timeZone();
        $day = Asked::date($request, 'day') ?? $zone->dateAt(Clock::now());
        $meetings = Booking::query()
            ->where('state', BookingState::Booked)
            ->whereHas('sheet.host', static fn($host) => $host->where('school_id', $reader->school_id))
            ->where('starts_at', '>=', Instant::column($zone->instant($day, 0)))
            ->where('starts_at', '<', Instant::column($zone->instant($day->plusDays(1), 0)))
            ->with(['host', 'place', 'pass'])
            ->orderBy('starts_at')
            ->orderBy('id')
            ->limit(2000)
            ->get();

        return Page::staff('Day', Words::say('sheets.day_title', ['date' => Spell::date($day)]), [
            'host' => $reader->name,
            'title' => Spell::date($day),
            'day' => (string) $day,
            'before' => (string) $day->plusDays(-1),
            'after' => (string) $day->plusDays(1),
            'today' => (string) $day === (string) $zone->dateAt(Clock::now()),
            'meetings' => array_values(
                $meetings
                    ->map(
                        static fn(Booking $one): array => [
                            'id' => $one->id,
                            'from' => (string) $zone->timeAt($one->span()->start),
                            'until' => (string) $zone->timeAt($one->span()->end),
                            'who' => $one->pass->name,
                            'student' => $one->student,
                            'host' => $one->host->name,
                            'place' => $one->place->label,
                        ],
                    )
                    ->all(),
            ),
        ]);
    }
}
