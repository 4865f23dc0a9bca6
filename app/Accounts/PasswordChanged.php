<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\StaffMember;

/** Somebody's account has another password now. */
final readonly class PasswordChanged
{
    public function __construct(public StaffMember $staff) {}
}
