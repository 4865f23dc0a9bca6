<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** Who may do what with a sheet. */
final class SheetPolicy
{
    /** Anyone with the link, once it is open; until then the sheet is not there for them. */
    public function visit(?StaffMember $reader, Sheet $sheet): Response
    {
        return $sheet->state === SheetState::Draft ? Response::denyAsNotFound() : Response::allow();
    }

    public function book(?StaffMember $reader, Sheet $sheet): Response
    {
        return $sheet->state === SheetState::Open ? Response::allow() : Response::denyAsNotFound();
    }

    public function viewAny(StaffMember $reader): bool
    {
        return true;
    }

    public function create(StaffMember $writer): bool
    {
        return true;
    }

    public function view(StaffMember $reader, Sheet $sheet): bool
    {
        return $sheet->staff_id === $reader->id;
    }

    public function update(StaffMember $writer, Sheet $sheet): bool
    {
        return $sheet->staff_id === $writer->id;
    }
}
