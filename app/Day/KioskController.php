<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Clock;
use App\Framework\Limits;
use App\Framework\Page;
use App\Framework\Words;
use App\Line\CheckIn;
use App\Line\DayOf;
use App\Models\Booking;
use App\School\Kiosk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A shared tablet at the entrance: whoever comes finds themselves, says that they are here, and sees where to go. */
final class KioskController
{
    /** Wrong codes and names on one tablet within ten minutes: people mistype, machines guess. */
    private const WRONG = 40;

    private const WHILE = 600;

    public function page(Kiosk $kiosk): View
    {
        return Page::visit('Kiosk', Words::say('day.kiosk_title', ['school' => $kiosk->school->name]), ['token' => $kiosk->token(), 'first' => KioskData::of($kiosk, Clock::now())]);
    }

    public function show(Kiosk $kiosk): JsonResponse
    {
        return new JsonResponse(KioskData::of($kiosk, Clock::now()));
    }

    public function find(Kiosk $kiosk, Request $request): JsonResponse
    {
        $request->validate(['code' => ['required_without:name', 'nullable', 'string', 'max:400'], 'name' => ['required_without:code', 'nullable', 'string', 'max:120'], 'time' => ['required_with:name', 'nullable', 'string', 'regex:/^\d{2}:\d{2}$/D']]);
        $now = Clock::now();
        $wrong = "kiosk|$kiosk->id";
        if (Limits::isReached($wrong, self::WRONG, self::WHILE, $now)) {
            return new JsonResponse(['message' => Words::say('day.kiosk_too_often')], 429);
        }
        $day = DayOf::at($now, $kiosk->school->timeZone());
        $found = $request->filled('code') ? KioskFinder::byCode($kiosk, $request->string('code')->toString(), $day) : KioskFinder::byName($kiosk, $request->string('name')->toString(), self::instant($request->string('time')->toString(), $day), $day);
        if ($found->isEmpty()) {
            Limits::exactly($wrong, self::WHILE, $now);
            throw ValidationException::withMessages($request->filled('code') ? ['code' => Words::say('day.kiosk_no_code')] : ['name' => Words::say('day.kiosk_no_name')]);
        }

        return new JsonResponse(['meetings' => array_values($found->map(static fn (Booking $one): array => KioskData::meeting($kiosk, $one, $now))->all())]);
    }

    public function here(Kiosk $kiosk, Request $request, CheckIn $checkIn): JsonResponse
    {
        $request->validate(['ticket' => ['required', 'string', 'regex:/^\d{1,18}-[A-Za-z0-9_-]{22}$/D']]);
        $ticket = $request->string('ticket')->toString();
        $now = Clock::now();
        $booking = KioskFinder::today($kiosk, DayOf::at($now, $kiosk->school->timeZone()))->find((int) $ticket);
        if (! $booking instanceof Booking || ! hash_equals(KioskData::ticket($kiosk, $booking), $ticket)) {
            abort(404);
        }
        $checkIn($booking, 'kiosk', $now);

        return new JsonResponse(['meetings' => [KioskData::meeting($kiosk, $booking->refresh(), $now)]]);
    }

    /** Of a clock time of the school on that day, which may pass midnight. */
    private static function instant(string $time, DayOf $day): int
    {
        [$hour, $minute] = array_map(intval(...), explode(':', $time));
        $at = $day->zone->instant($day->date, $hour * 60 + $minute);

        return $day->span->holds($at) ? $at : $day->zone->instant($day->date->plusDays(1), $hour * 60 + $minute);
    }
}
