<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Round;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** The office makes rounds; families see those that are published; each who is in one says what is theirs. */
final class RoundPolicy
{
    public function create(StaffMember $staff): bool
    {
        return $staff->office;
    }

    public function change(StaffMember $staff, Round $round): bool
    {
        return $staff->office && $staff->school_id === $round->school_id;
    }

    public function visit(?StaffMember $reader, Round $round): Response
    {
        return $round->state === SheetState::Draft ? Response::denyAsNotFound() : Response::allow();
    }
}
