<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\StaffMember;

/** Who works here, as the office sees it: those who have not come first. */
final class StaffList
{
    /** @return list<array<string, mixed>> as StaffPerson in docs/formats/recess.openapi.yaml */
    public static function of(StaffMember $reader, int $now): array
    {
        $keys = AccountKey::query()->where('purpose', KeyPurpose::Invitation)->whereNull('used_at')->get()->keyBy('staff_id');
        $zone = $reader->school->timeZone();

        return array_values(StaffMember::query()->where('school_id', $reader->school_id)->orderByRaw('came_at IS NOT NULL')->orderBy('name')->get()
            ->map(static function (StaffMember $one) use ($keys, $zone, $now, $reader): array {
                $until = $keys->get($one->id)?->until->getTimestamp();

                return [
                    'id' => $one->id, 'name' => $one->name, 'email' => $one->email, 'subject' => $one->subject, 'office' => $one->office,
                    'you' => $one->id === $reader->id, 'came' => $one->came_at !== null,
                    'state' => match (true) {
                        $one->came_at !== null => '',
                        $until === null || $until <= $now => Words::say('accounts.invitation_over'),
                        default => Words::say('accounts.invited_until', ['until' => Spell::moment($until, $zone)]),
                    },
                ];
            })->all());
    }
}
