<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Booking;
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
        $bookings = OwnMeetings::of($staff, $now->subDays(31)->getTimestamp());
        $reader = Reader::staff($staff);
        // A calendar program asks in no language of anybody's.
        $text = Reading::of($staff)->hears(
            static fn(): string => BookingFeed::write(
                Words::say('calendars.feed_name'),
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
