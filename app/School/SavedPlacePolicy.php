<?php

declare(strict_types=1);

namespace App\School;

use App\Models\PlaceKind;
use App\Models\StaffMember;

/** One’s own places, and the school’s for the office. */
final class SavedPlacePolicy
{
    public function change(StaffMember $staff, SavedPlace $place): bool
    {
        return $place->staff_id === $staff->id ||
            ($place->staff_id === null && $staff->office && $place->school_id === $staff->school_id);
    }

    /** Families find their way to what the school shows, and to nobody's own. */
    public function showWay(StaffMember $staff, SavedPlace $place): bool
    {
        return $place->staff_id === null && $place->kind === PlaceKind::Room && $this->change($staff, $place);
    }

    public function visit(?StaffMember $staff, SavedPlace $place): bool
    {
        return $place->staff_id === null;
    }
}
