<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Notice;
use App\Models\StaffMember;

/** A notice is for whom it was raised. */
final class NoticePolicy
{
    public function change(StaffMember $staff, Notice $notice): bool
    {
        return $notice->staff_id === $staff->id;
    }
}
