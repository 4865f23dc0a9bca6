<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\StaffMember;

/** Somebody has another role. A school is never left without anybody who can look after it. */
final class ChangeRole
{
    /**
     * @param  string  $role  staff, office or reader
     *
     * @throws NotNow when nobody else of the office has come yet, or a reader would have sheets
     */
    public function __invoke(StaffMember $staff, string $role): void
    {
        Contended::transaction(static function () use ($staff, $role): void {
            // Two who take each other's role at once do not both get through.
            Guard::office($staff->school_id);
            $offices = StaffMember::query()
                ->where('school_id', $staff->school_id)
                ->where('office', true)
                ->whereNotNull('came_at')
                ->pluck('id');
            if ($role !== 'office' && $offices->contains($staff->id) && $offices->count() === 1) {
                throw new NotNow(Words::say('accounts.last_office', ['name' => $staff->name]));
            }
            if (
                $role === 'reader' &&
                Sheet::query()->where('staff_id', $staff->id)->whereNull('put_away_at')->exists()
            ) {
                throw new NotNow(Words::say('accounts.reader_has_sheets', ['name' => $staff->name]));
            }
            StaffMember::query()
                ->whereKey($staff->id)
                ->update(['office' => $role === 'office', 'reader' => $role === 'reader']);
        });
    }
}
