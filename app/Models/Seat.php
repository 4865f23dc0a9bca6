<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A seat of a hold: taken by a booking, or kept for a few minutes while somebody types.
 *
 * @property int $hold_id
 * @property int $seat
 * @property CarbonImmutable|null $kept_until null once booked
 * @property bool $lengthened whether the keep was made longer, which it can be once
 * @property string|null $keeper hash of the key of whoever keeps it
 */
final class Seat extends Row
{
    protected $table = 'seats';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kept_until' => 'immutable_datetime'];
    }
}
