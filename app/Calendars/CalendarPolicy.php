<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Models\Calendar;
use App\Models\StaffMember;

/** A calendar is its owner’s alone. */
final class CalendarPolicy
{
    public function change(StaffMember $staff, Calendar $calendar): bool
    {
        return $calendar->staff_id === $staff->id;
    }
}
