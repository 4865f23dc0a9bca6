<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody whom the visitor brings: they have a pass of their own and get the same messages.
 *
 * @property int $id
 * @property int $booking_id
 * @property int $pass_id
 * @property CarbonImmutable|null $left_at
 * @property bool $may_change whether they may move the meeting and give it back
 * @property Booking $booking
 * @property Pass $pass
 */
final class Guest extends Row
{
    protected $table = 'guests';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['left_at' => 'immutable_datetime', 'may_change' => 'boolean'];
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }

    /** @return BelongsTo<Pass, $this> */
    public function pass(): BelongsTo
    {
        return $this->belongsTo(Pass::class);
    }
}
