<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\StaffMember;

/** Somebody's second factor was switched on or off; or a passkey of theirs was made or removed. */
final readonly class SecondFactorTurned
{
    public function __construct(public StaffMember $staff, public bool $on, public ?string $passkey = null) {}

    /** What its letter and the log call it. */
    public function word(): string
    {
        return ($this->passkey === null ? 'factor' : 'passkey') . ($this->on ? '_on' : '_off');
    }
}
