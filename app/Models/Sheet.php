<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What a staff member publishes: one purpose, its blocks, places and rules.
 *
 * @property int $id
 * @property int $staff_id
 * @property string $slug the readable end of its link
 * @property string $title
 * @property string $kind
 * @property SheetState $state
 * @property string $intro
 * @property int $seats visitors to a slot
 * @property int $lead_minutes the least time between booking and meeting
 * @property CarbonImmutable|null $published_at
 * @property StaffMember $host
 * @property Collection<int, Block> $blocks
 * @property Collection<int, Place> $places
 * @property Collection<int, Booking> $bookings
 */
final class Sheet extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => SheetState::class, 'published_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    /** @return HasMany<Block, $this> */
    public function blocks(): HasMany
    {
        return $this->hasMany(Block::class);
    }

    /** @return HasMany<Place, $this> */
    public function places(): HasMany
    {
        return $this->hasMany(Place::class);
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class);
    }

    public function link(): string
    {
        return url('/s/'.$this->slug);
    }
}
