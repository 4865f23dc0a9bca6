<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Secret;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Recess\Calendars\BookingFeed;

/** A staff member's bookings as a calendar, at a secret address that can be renewed. */
final class FeedController
{
    public function __invoke(string $token, Request $request): Response
    {
        $staff =
            StaffMember::query()->where('feed_hash', Secret::hash($token))->first() ??
            StaffMember::query()->findOrFail(Secret::formerly('staff', $token));
        $now = CarbonImmutable::now();
        $bookings = Booking::query()
            ->where('state', BookingState::Booked)
            ->where('ends_at', '>', $now->subDays(31))
            ->where(
                static fn($one) => $one
                    ->where('staff_id', $staff->id)
                    ->orWhereHas(
                        'sheet.colleagues',
                        static fn($colleague) => $colleague->where('staff_id', $staff->id)->where('role', 'must'),
                    ),
            )
            ->with(['sheet.host.school', 'pass', 'place', 'host'])
            ->orderBy('starts_at')
            ->limit(5_000)
            ->get();
        $reader = Reader::staff($staff);
        $text = BookingFeed::write(
            'Meetings',
            array_values(
                $bookings
                    ->map(
                        static fn(Booking $booking): array => [
                            MeetingEntry::meeting($booking, $reader, $booking->sequence, $now->getTimestamp()),
                            $booking->updated_at->getTimestamp(),
                        ],
                    )
                    ->all(),
            ),
        );
        $response = new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=300',
        ]);
        $response->setEtag(hash('sha256', $text));
        $response->isNotModified($request);

        return $response;
    }
}
