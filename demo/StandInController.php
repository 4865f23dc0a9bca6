<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Clock;
use App\Models\School;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The demo's stand-in for a calendar program that serves a feed. */
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
}
