<?php

declare(strict_types=1);

namespace App\School;

use App\Models\School;
use App\Models\StaffMember;

/** The office sets up its school. */
final class SchoolPolicy
{
    public function change(StaffMember $staff, School $school): bool
    {
        return $staff->office && $staff->school_id === $school->id;
    }
}
