<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a colleague looks after somebody's sheets for a while.
 *
 * @property int $id
 * @property int $of_id whose
 * @property int $to_id who does
 * @property CarbonImmutable $until
 * @property StaffMember $to
 */
final class Lending extends Row
{
    protected $table = 'lendings';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'immutable_datetime'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'to_id');
    }

    /** @return list<int> whose sheets somebody looks after now */
    public static function whoseNow(int $staff): array
    {
        return array_values(
            array_map(
                intval(...),
                self::query()
                    ->where('to_id', $staff)
                    ->where('until', '>', CarbonImmutable::now())
                    ->pluck('of_id')
                    ->all(),
            ),
        );
    }
}
