<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\StaffMember;

/** The office keeps the directory; whoever has a sheet may choose classes and names for it. */
final class DirectoryPolicy
{
    public function viewAny(StaffMember $reader): bool
    {
        return $reader->office;
    }

    public function change(StaffMember $reader, Student|SchoolClass $one): bool
    {
        return $reader->office && $reader->school_id === $one->school_id;
    }
}
