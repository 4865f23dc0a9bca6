<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\Lending;
use App\Models\StaffMember;

/** Who works here, as the office sees it: those who have not come first. */
final class StaffList
{
    /** @return list<StaffPersonShape> as StaffPerson in docs/formats/recess.openapi.yaml */
    public static function of(StaffMember $reader, int $now): array
    {
        $keys = AccountKey::query()
            ->where('purpose', KeyPurpose::Invitation)
            ->whereNull('used_at')
            ->get()
            ->keyBy('staff_id');
        $zone = $reader->school->timeZone();
        $said = static fn(Lending $one): string => Words::say('accounts.lent', [
            'to' => $one->to->name,
            'until' => Spell::plainDate($zone->dateAt($one->until->getTimestamp() - 1)),
        ]);
        $lent = Lending::query()
            ->where('until', '>', Instant::column($now))
            ->with('to')
            ->get()
            ->sort(Alphabet::by(static fn(Lending $one): string => $one->to->name))
            ->groupBy('of_id')
            ->map(static fn($some): string => $some->map($said)->implode(' '));

        return array_values(
            StaffMember::query()
                ->where('school_id', $reader->school_id)
                ->orderByRaw('left_at IS NOT NULL')
                ->orderByRaw('came_at IS NOT NULL')
                ->orderBy('name')
                ->get()
                ->map(static function (StaffMember $one) use ($keys, $zone, $now, $reader, $lent): array {
                    $until = $keys->get($one->id)?->until->getTimestamp();

                    return [
                        'id' => $one->id,
                        'name' => $one->name,
                        'email' => $one->email,
                        'subject' => $one->subject,
                        'role' => $one->role(),
                        'lent' => $lent->get($one->id, ''),
                        'left' => $one->left_at !== null,
                        'you' => $one->id === $reader->id,
                        'came' => $one->came_at !== null,
                        'state' => match (true) {
                            $one->left_at !== null => Words::say('accounts.has_left', [
                                'when' => Spell::plainDate($zone->dateAt($one->left_at->getTimestamp())),
                            ]),
                            $one->came_at !== null => '',
                            $until === null || $until <= $now => Words::say('accounts.invitation_over'),
                            default => Words::say('accounts.invited_until', ['until' => Spell::moment($until, $zone)]),
                        },
                    ];
                })
                ->all(),
        );
    }
}
