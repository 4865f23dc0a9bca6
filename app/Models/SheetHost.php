<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A colleague on a sheet.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int $staff_id
 * @property HostRole $role
 * @property CarbonImmutable|null $told_at
 * @property StaffMember $colleague
 */
final class SheetHost extends Row
{
    protected $table = 'sheet_hosts';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => HostRole::class, 'told_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function colleague(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }
}
