<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Round;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Times given to the wishes of a round: being looked for, found and looked at, being booked, or booked.
 *
 * @property int $id
 * @property int $round_id
 * @property int|null $busy the round, while somebody is at it: of two at once the database refuses one
 * @property AllotmentState $state
 * @property int $seed of all chance in it
 * @property int $wishes
 * @property int $granted the most so far
 * @property int $bound proven: no allotment grants more
 * @property int $booked families that have been booked and told
 * @property int $short times that had gone when they were to be booked; then nothing was
 * @property bool $to_stop whether to end with what there is
 * @property list<array{sheet: int, start: int, end: int}> $breaks when teachers breathe
 * @property CarbonImmutable|null $begun_at
 * @property CarbonImmutable|null $heard_at when whoever works at it was last heard of
 * @property CarbonImmutable|null $ended_at
 * @property Round $round
 */
final class Allotment extends Row
{
    protected $table = 'allotments';

    protected $guarded = [];

    protected $attributes = [
        'state' => 'waiting',
        'seed' => 0,
        'wishes' => 0,
        'granted' => 0,
        'bound' => 0,
        'booked' => 0,
        'short' => 0,
        'to_stop' => false,
        'breaks' => '[]',
        'heard_at' => null,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => AllotmentState::class,
            'to_stop' => 'boolean',
            'breaks' => 'array',
            'begun_at' => 'immutable_datetime',
            'heard_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /** @return HasMany<Allotted, $this> */
    public function rows(): HasMany
    {
        return $this->hasMany(Allotted::class)->orderBy('id');
    }

    /** The one that was begun last. */
    public static function last(Round $round): ?self
    {
        return self::query()->where('round_id', $round->id)->orderByDesc('id')->first();
    }
}
