<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\Sheet;
use App\Models\StaffMember;

/** Throws away what was typed on a worksheet: it has been saved, or is not wanted any more. */
final class ForgetDraft
{
    public function __invoke(StaffMember $writer, ?Sheet $sheet): void
    {
        Draft::by($writer, $sheet)?->delete();
    }
}
