<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\StaffMember;

/** A colleague looks after somebody's sheets, until a day is over; or does not any more. */
final readonly class SheetsLent
{
    /** @param  int|null  $until  seconds since the epoch, after the day; null when it was taken back */
    public function __construct(
        public StaffMember $of,
        public StaffMember $to,
        public ?int $until,
        public StaffMember $by,
    ) {}
}
