<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

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

    /** Their door: of whoever works here and has come, or has times that can be booked. */
    public function visit(?StaffMember $reader, StaffMember $one): Response
    {
        $there =
            $one->left_at === null &&
            ($one->came_at !== null ||
                $one->sheets()->where('state', SheetState::Open)->whereNull('put_away_at')->exists());

        return $there ? Response::allow() : Response::denyAsNotFound();
    }
}
