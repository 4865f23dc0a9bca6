<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Recess\Time\Span;

/**
 * A staff member's time while at least one booking needs it. No two of one staff member overlap: the table forbids it.
 *
 * @property int $id
 * @property int $staff_id
 * @property int $sheet_id
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property int|null $with_hold_id of a co-host's time: the hold it goes with
 */
final class Hold extends Row
{
    protected $table = 'holds';

    public $timestamps = false;

    protected $guarded = [];

    public function span(): Span
    {
        return Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime'];
    }

    /** @return HasMany<Seat, $this> */
    public function seats(): HasMany
    {
        return $this->hasMany(Seat::class);
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class);
    }
}
