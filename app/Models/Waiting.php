<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A visitor who would like a time that is given back; the first in line is offered it for a while.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int $pass_id
 * @property CarbonImmutable|null $offered_start
 * @property CarbonImmutable|null $offered_until
 * @property string|null $keeper
 * @property Sheet $sheet
 * @property Pass $pass
 */
final class Waiting extends Row
{
    protected $table = 'waiting';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['offered_start' => 'immutable_datetime', 'offered_until' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** @return BelongsTo<Pass, $this> */
    public function pass(): BelongsTo
    {
        return $this->belongsTo(Pass::class);
    }
}
