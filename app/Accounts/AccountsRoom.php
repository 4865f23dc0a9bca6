<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Room;
use App\Models\StaffMember;

/** Who works here: invitations, roles, passwords. */
final class AccountsRoom extends Room
{
    protected function policies(): array
    {
        return [StaffMember::class => StaffPolicy::class];
    }
}
