<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Row;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One of those whom a knock is for; all of them have to say yes.
 *
 * @property int $id
 * @property int $knock_id
 * @property int $staff_id
 * @property HostAnswer $answer
 * @property StaffMember $host
 */
final class KnockHost extends Row
{
    protected $table = 'knock_hosts';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['answer' => 'none'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answer' => HostAnswer::class];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }
}
