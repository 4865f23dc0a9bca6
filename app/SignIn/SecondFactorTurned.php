<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\StaffMember;

/** Somebody's second factor was switched on or off. */
final readonly class SecondFactorTurned
{
    public function __construct(public StaffMember $staff, public bool $on)
    {
    }
}
