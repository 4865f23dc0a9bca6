<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A host's day at the desk.
 *
 * @property int $id
 * @property int $staff_id
 * @property string $day as YYYY-MM-DD
 * @property int $revision raised by every press
 * @property int $late_minutes that the host said they run late
 * @property CarbonImmutable|null $break_from
 * @property CarbonImmutable|null $break_until
 */
final class DeskDay extends Row
{
    protected $table = 'desk_days';

    protected $guarded = [];

    protected $attributes = ['revision' => 0, 'late_minutes' => 0, 'break_from' => null, 'break_until' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['break_from' => 'immutable_datetime', 'break_until' => 'immutable_datetime'];
    }
}
