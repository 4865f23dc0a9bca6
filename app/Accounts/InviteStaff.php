<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Contended;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Somebody becomes a staff member who may come: nobody can sign in as them until they have set a password of their own. */
final class InviteStaff
{
    /** What nobody can type: a hash of what is thrown away at once. */
    private ?string $locked = null;

    /**
     * @param  array{name: string, email: string, subject: string, role: string}  $person
     * @param  int  $now  seconds since the epoch
     *
     * @throws \Illuminate\Database\UniqueConstraintViolationException  when the address is somebody's already
     */
    public function __invoke(StaffMember $by, array $person, int $now): StaffMember
    {
        return Contended::transaction(function () use ($by, $person, $now): StaffMember {
            $staff = StaffMember::query()->create(
                ['office' => $person['role'] === 'office', 'reader' => $person['role'] === 'reader'] +
                    array_diff_key($person, ['role' => 0]) + [
                        'school_id' => $by->school_id,
                        'password' => ($this->locked ??= Hash::make(Str::random(60))),
                    ],
            );
            $this->again($by, $staff, $now);

            return $staff;
        });
    }

    /** Another letter; the one before opens nothing any more. */
    public function again(StaffMember $by, StaffMember $staff, int $now): void
    {
        event(new Invited(AccountKey::cut($staff, KeyPurpose::Invitation, $now), $by));
    }
}
