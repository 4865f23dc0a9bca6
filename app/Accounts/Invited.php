<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\StaffMember;

/** Somebody may come and set their password. */
final readonly class Invited
{
    public function __construct(public AccountKey $key, public StaffMember $by) {}
}
