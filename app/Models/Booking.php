<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Recess\Time\Span;

/**
 * A visitor's claim on a slot.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int $pass_id
 * @property int $place_id
 * @property int|null $hold_id null once cancelled
 * @property int|null $seat 1 and up; null once cancelled
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property string $student who the meeting is about
 * @property BookingState $state
 * @property Party|null $cancelled_by
 * @property string $cancel_note
 * @property string $uid of its calendar entry
 * @property int $sequence of its calendar entry
 * @property string $request_key
 * @property string $request_digest
 * @property CarbonImmutable $updated_at
 * @property Sheet $sheet
 * @property Pass $pass
 * @property Place $place
 */
final class Booking extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'state' => BookingState::class,
            'cancelled_by' => Party::class,
        ];
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

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    public function span(): Span
    {
        return Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }

    public function isCancelled(): bool
    {
        return $this->state === BookingState::Cancelled;
    }
}
