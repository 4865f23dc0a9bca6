<?php

declare(strict_types=1);

namespace App\Demo;

use App\Booking\StandInRooms;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Spell;
use App\Models\Booking;
use App\Models\School;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The demo's stand-ins for other services: a calendar that serves a feed, and rooms of a video service. */
final class StandInController
{
    public function calendar(Request $request): Response
    {
        $text = DemoCalendar::feed(School::query()->firstOrFail()->timeZone(), Clock::now());
        $response = new Response($text, 200, ['Content-Type' => 'text/calendar; charset=utf-8']);
        $response->setEtag(hash('sha256', $text));
        $response->isNotModified($request);

        return $response;
    }

    public function room(string $key): View
    {
        $booking = Booking::query()->where('uid', substr($key, 0, 36))->firstOrFail();
        abort_unless(hash_equals(StandInRooms::key($booking->uid), $key), 404);

        return Page::visit('VideoRoom', 'Video room', [
            'title' => $booking->sheet->title,
            'host' => $booking->host->name,
            'when' => Spell::slot($booking->span(), $booking->sheet->host->school->timeZone()),
        ]);
    }
}
