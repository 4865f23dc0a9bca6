<?php

declare(strict_types=1);

namespace App\Passkeys;

use App\Models\StaffMember;

/** Whether somebody's password alone opens nothing: a telephone shows codes, or they have a passkey. */
final class AnyFactor
{
    public static function of(?StaffMember $staff): bool
    {
        return $staff !== null && ($staff->totp_at !== null || Passkey::of($staff)->exists());
    }
}
