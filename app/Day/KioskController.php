<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Clock;
use App\Framework\Limits;
use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Line\CheckIn;
use App\Line\DayOf;
use App\Models\Booking;
use App\School\Kiosk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Recess\Names\NameKey;
use Recess\Time\LocalTime;
use Recess\Time\TimeNotValid;

/** A shared tablet at the entrance: whoever comes finds themselves, says that they are here, and sees where to go. */
final class KioskController
{
    /** Wrong codes and names on one tablet within ten minutes: people mistype, machines guess. */
    private const WRONG = 40;

    private const WRONG_OF_NAME = 3;

    private const WHILE = 600;

    /** Seconds before and after its time within which a meeting is found by a name. */
    private const BEFORE = 2700;

    private const AFTER = 1800;

    public function page(Kiosk $kiosk): View
    {
        return Page::visit('Kiosk', Words::say('day.kiosk_title', ['school' => $kiosk->school->name]), [
            'token' => $kiosk->token(),
            'first' => KioskData::of($kiosk, Clock::now()),
        ]);
    }

    public function show(Kiosk $kiosk): JsonResponse
    {
        return new JsonResponse(KioskData::of($kiosk, Clock::now()));
    }

    public function find(Kiosk $kiosk, Request $request): JsonResponse
    {
        $request->validate([
            'code' => ['required_without:name', 'nullable', 'string', 'max:400'],
            'name' => ['required_without:code', 'nullable', 'string', 'max:120'],
            'time' => ['required_with:name', 'nullable', 'string', 'max:20'],
        ]);
        $now = Clock::now();
        $wrong = "kiosk|$kiosk->id";
        $name = $request->filled('code') ? null : NameKey::of($request->string('name')->toString());
        // Of one name few: to go through a child's hours is no way to find out when it comes.
        $ofName = "kiosk name|$kiosk->school_id|$name";
        if (
            Limits::isReached($wrong, self::WRONG, self::WHILE, $now) ||
            ($name !== null && Limits::isReached($ofName, self::WRONG_OF_NAME, self::WHILE, $now))
        ) {
            return new JsonResponse(['message' => Words::say('day.kiosk_too_often')], 429);
        }
        $day = DayOf::at($now, $kiosk->school->timeZone());
        $found =
            $name === null
                ? KioskFinder::byCode($kiosk, $request->string('code')->toString(), $day)
                : KioskFinder::byName(
                    $kiosk,
                    $name,
                    self::near($request->string('time')->toString(), $day, $now),
                    $day,
                );
        if ($found->isEmpty()) {
            Limits::exactly($wrong, self::WHILE, $now);
            $name === null || Limits::exactly($ofName, self::WHILE, $now);
            throw ValidationException::withMessages(
                $request->filled('code')
                    ? ['code' => Words::say('day.kiosk_no_code')]
                    : ['name' => Words::say('day.kiosk_no_name')],
            );
        }

        return new JsonResponse([
            'meetings' => array_values(
                $found->map(static fn(Booking $one): array => KioskData::meeting($kiosk, $one, $now))->all(),
            ),
        ]);
    }

    public function here(Kiosk $kiosk, Request $request, CheckIn $checkIn): JsonResponse
    {
        $request->validate(['ticket' => ['required', 'string', 'regex:/^\d{1,18}-[A-Za-z0-9_-]{22}$/D']]);
        $ticket = $request->string('ticket')->toString();
        $now = Clock::now();
        $booking = KioskFinder::today($kiosk, DayOf::at($now, $kiosk->school->timeZone()))->find((int) $ticket);
        if (!($booking instanceof Booking) || !hash_equals(KioskData::ticket($kiosk, $booking), $ticket)) {
            abort(404);
        }
        $checkIn($booking, 'kiosk', $now);

        return new JsonResponse(['meetings' => [KioskData::meeting($kiosk, $booking->refresh(), $now)]]);
    }

    /**
     * The instants that a clock time can mean, as it was typed, and that are near: nobody is found by a name long before.
     *
     * @return list<int>
     */
    private static function near(string $typed, DayOf $day, int $now): array
    {
        try {
            $minute = LocalTime::parse($typed)->minute % 1440;
        } catch (TimeNotValid) {
            throw ValidationException::withMessages([
                'time' => Words::say('day.kiosk_time', ['time' => Spell::clock('16:40')]),
            ]);
        }
        $near = [];
        // Whoever reads twelve hours types 4:40 in the afternoon.
        foreach ($minute < 720 ? [$minute, $minute + 720] : [$minute] as $one) {
            foreach ([$day->date, $day->date->plusDays(1)] as $date) {
                $at = $day->zone->instant($date, $one);
                $day->span->holds($at) && $at - $now <= self::BEFORE && $now - $at <= self::AFTER && ($near[] = $at);
            }
        }

        return $near;
    }
}
