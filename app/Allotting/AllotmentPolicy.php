<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\StaffMember;

/** Allotting is the office's. */
final class AllotmentPolicy
{
    public function change(StaffMember $staff, Allotment $allotment): bool
    {
        return $staff->office && $staff->school_id === $allotment->round->school_id;
    }
}
