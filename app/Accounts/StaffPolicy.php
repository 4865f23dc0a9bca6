<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\StaffMember;

/** The office looks after the school's own people. */
final class StaffPolicy
{
    public function viewAny(StaffMember $reader): bool
    {
        return $reader->office;
    }

    public function change(StaffMember $reader, StaffMember $one): bool
    {
        return $reader->office && $reader->school_id === $one->school_id;
    }
}
