<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Calendar;
use App\Models\StaffMember;
use App\School\SettingsData;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Recess\Calendars\CalendarNotReadable;

/** A staff member's own calendars, whose entries take slots out. */
final class CalendarController
{
    public function store(
        #[CurrentUser] StaffMember $staff,
        CalendarRequest $request,
        ReadCalendar $read,
        RefreshCalendar $refresh,
    ): JsonResponse {
        $now = Clock::now();
        $calendar = new Calendar([
            'staff_id' => $staff->id,
            'name' => $request->string('name')->toString(),
            'address' => $request->filled('address') ? $request->string('address')->trim()->toString() : null,
        ]);
        try {
            $calendar->address === null ? $read($calendar, $request->text(), $now) : $refresh->first($calendar, $now);
        } catch (FeedFailed | CalendarNotReadable $failure) {
            throw ValidationException::withMessages([
                $calendar->address === null ? 'file' : 'address' => Words::why($failure),
            ]);
        }

        return new JsonResponse(SettingsData::of($staff->refresh(), $now), 201);
    }

    public function refresh(
        #[CurrentUser] StaffMember $staff,
        Calendar $calendar,
        RefreshCalendar $refresh,
    ): JsonResponse {
        $now = Clock::now();
        $refresh($calendar, $now);

        return new JsonResponse(SettingsData::of($staff->refresh(), $now));
    }

    public function destroy(#[CurrentUser] StaffMember $staff, Calendar $calendar): JsonResponse
    {
        $calendar->delete();

        return new JsonResponse(SettingsData::of($staff->refresh(), Clock::now()));
    }
}
