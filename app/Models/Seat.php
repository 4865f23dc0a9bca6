<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A seat of a hold: taken by a booking, or kept for a few minutes while somebody types.
 *
 * @property int $hold_id
 * @property int $seat
 * @property CarbonImmutable|null $kept_until null once booked
 * @property string|null $keeper hash of the key of whoever keeps it
 * @property Hold $hold
 */
final class Seat extends Row
{
    protected $table = 'seats';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    protected $guarded = [];

    /** @return BelongsTo<Hold, $this> */
    public function hold(): BelongsTo
    {
        return $this->belongsTo(Hold::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kept_until' => 'immutable_datetime'];
    }
}
