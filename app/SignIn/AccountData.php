<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Spell;
use App\Models\Secret;
use App\Models\StaffMember;
use App\Passkeys\Passkey;
use App\Passkeys\RelyingParty;
use App\School\NewPassword;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** How somebody signs in, as they see it. */
final class AccountData
{
    /** @return AccountShape as Account in docs/formats/recess.openapi.yaml */
    public static function of(StaffMember $staff, Request $request): array
    {
        $zone = $staff->school->timeZone();
        $here = $request->session()->getId();

        return [
            'email' => $staff->email,
            'least' => NewPassword::least($staff),
            'second_factor' => $staff->totp_at !== null,
            'codes_left' => SecondFactor::left($staff),
            'wanted' => SecondFactorWanted::of($staff),
            'passkeys' => array_values(
                Passkey::of($staff)
                    ->oldest('id')
                    ->get()
                    ->map(
                        static fn(Passkey $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'since' => Spell::moment($one->created_at->getTimestamp(), $zone),
                            'used' =>
                                $one->used_at === null ? null : Spell::moment($one->used_at->getTimestamp(), $zone),
                        ],
                    )
                    ->all(),
            ),
            'passkeys_here' => RelyingParty::here($request) !== null,
            'sessions' => array_values(
                DB::table('sessions')
                    ->where('user_id', $staff->id)
                    ->orderByDesc('last_activity')
                    ->limit(50)
                    ->get()
                    ->map(
                        static fn(\stdClass $one): array => [
                            'key' => Secret::hash((string) $one->id),
                            'here' => $one->id === $here,
                            'browser' => Browser::name((string) $one->user_agent),
                            'from' => (string) $one->ip_address,
                            'seen' => Spell::moment((int) $one->last_activity, $zone),
                        ],
                    )
                    ->all(),
            ),
            'devices' => array_values(
                Device::query()
                    ->where('staff_id', $staff->id)
                    ->where('until', '>', now())
                    ->orderByDesc('seen_at')
                    ->limit(50)
                    ->get()
                    ->map(
                        static fn(Device $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'until' => Spell::moment($one->until->getTimestamp(), $zone),
                            'seen' => Spell::moment($one->seen_at->getTimestamp(), $zone),
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
