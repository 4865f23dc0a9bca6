<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\StaffMember;

/** Somebody does not work here any more. Raised in the transaction that makes it so: each room takes away what it keeps for them. */
final readonly class HasLeft
{
    public function __construct(public StaffMember $staff) {}
}
