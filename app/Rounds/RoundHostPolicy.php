<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\StaffMember;

/** What is a teacher's own of a round is said by them, or by the office. */
final class RoundHostPolicy
{
    public function change(StaffMember $staff, RoundHost $part): bool
    {
        return $part->staff_id === $staff->id || ($staff->office && $part->round->school_id === $staff->school_id);
    }

    /** Who is in it, the office says. */
    public function takeOut(StaffMember $staff, RoundHost $part): bool
    {
        return $staff->office && $part->round->school_id === $staff->school_id;
    }
}
