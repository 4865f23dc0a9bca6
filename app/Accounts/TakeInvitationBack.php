<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\StaffMember;

/** Whoever has never come is not a staff member any more; their letter opens nothing. */
final class TakeInvitationBack
{
    /** @throws NotNow when they stand on a sheet already */
    public function __invoke(StaffMember $staff): void
    {
        Contended::transaction(static function () use ($staff): void {
            if (
                Sheet::query()->where('staff_id', $staff->id)->exists() ||
                SheetHost::query()->where('staff_id', $staff->id)->exists()
            ) {
                throw new NotNow(Words::say('accounts.on_sheet', ['name' => $staff->name]));
            }
            // In one statement: whoever comes at this moment stays.
            StaffMember::query()->whereKey($staff->id)->whereNull('came_at')->delete();
        });
    }
}
