<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Clock;
use App\Models\StaffMember;
use App\School\SettingsData;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The school's closed days, with whom they hit. */
final class CloseDaysController
{
    public function __invoke(
        #[CurrentUser] StaffMember $office,
        CloseDaysRequest $request,
        CloseDays $close,
    ): JsonResponse {
        $close($office->school, $request->closedDays(), Clock::now(), $request->settlement());

        return new JsonResponse(SettingsData::of($office->refresh(), Clock::now()));
    }

    /** What each would be sent as things are chosen now; nothing changes. */
    public function effect(
        #[CurrentUser] StaffMember $office,
        CloseDaysRequest $request,
        CloseDays $close,
        EffectData $data,
    ): JsonResponse {
        return new JsonResponse(
            $data->of(
                $close->effects($office->school, $request->closedDays(), Clock::now(), $request->settlement()->within),
                $request->string('word')->toString(),
                $request->settlement(),
                $request->settlement()->within,
            ),
        );
    }
}
