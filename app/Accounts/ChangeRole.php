<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Contended;
use App\Framework\Words;
use App\Models\StaffMember;

/** Somebody belongs to the office, or does not any more. A school is never left without anybody who can look after it. */
final class ChangeRole
{
    /** @throws NotNow when nobody else of the office has come yet */
    public function __invoke(StaffMember $staff, bool $office): void
    {
        Contended::transaction(static function () use ($staff, $office): void {
            // The same rows in the same order, so that two who take each other's role do not both get through.
            $offices = StaffMember::query()->where('school_id', $staff->school_id)->where('office', true)->whereNotNull('came_at')->orderBy('id')->lockForUpdate()->pluck('id');
            if (! $office && $offices->contains($staff->id) && $offices->count() === 1) {
                throw new NotNow(Words::say('accounts.last_office', ['name' => $staff->name]));
            }
            StaffMember::query()->whereKey($staff->id)->update(['office' => $office]);
        });
    }
}
