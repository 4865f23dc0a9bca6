<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\Instant;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Another time that a host offers to somebody who was there, or was not: kept for them until they answer.
 *
 * @property int $id
 * @property int $booking_id after which, or instead of which
 * @property int $staff_id who offers it
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property CarbonImmutable $until
 * @property string $keeper hash under which the seat is kept
 * @property string $word
 * @property Booking $booking
 */
final class TimeOffer extends Row
{
    protected $table = 'offers';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'until' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }

    /**
     * Of several bookings, as long as they are kept.
     *
     * @param  Collection<int, Booking>  $bookings
     * @return Collection<int, self> by the booking
     */
    public static function liveOf(Collection $bookings, int $now): Collection
    {
        return self::query()
            ->whereIn('booking_id', $bookings->modelKeys())
            ->where('until', '>', Instant::column($now))
            ->get()
            ->keyBy('booking_id');
    }

    /** Of a booking, as long as it is kept. */
    public static function live(int $booking, int $now): ?self
    {
        return self::query()->where('booking_id', $booking)->where('until', '>', Instant::column($now))->first();
    }
}
