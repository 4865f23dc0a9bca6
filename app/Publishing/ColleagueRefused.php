<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Sheet;
use App\Models\StaffMember;

/** A colleague who was put on a sheet cannot be there. */
final readonly class ColleagueRefused
{
    public function __construct(
        public Sheet $sheet,
        public StaffMember $colleague,
        /** Meetings to come at which they were to be. */
        public int $meetings,
    ) {}
}
