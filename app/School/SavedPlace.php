<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Addresses;
use App\Models\PlaceKind;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * A place that is used again and again: a staff member's own, or the school's.
 *
 * @property int $id
 * @property int $school_id
 * @property int|null $staff_id null for the school's
 * @property PlaceKind $kind
 * @property string $label
 * @property string|null $link
 * @property string $directions
 * @property string|null $picture WebP, of the way to a room of the school
 * @property string|null $picture_key the end of its address
 * @property CarbonImmutable|null $removed_at since when it is taken away; for a day it can be put back, with its picture
 */
final class SavedPlace extends Row
{
    protected $table = 'saved_places';

    protected $guarded = [];

    protected $hidden = ['picture'];

    /** All that a list shows of them: a picture is fetched by itself. */
    public const SHOWN = ['id', 'school_id', 'staff_id', 'kind', 'label', 'link', 'directions', 'picture_key'];

    protected static function booted(): void
    {
        self::addGlobalScope('there', static fn(Builder $one) => $one->whereNull('removed_at'));
    }

    /** @return Builder<self> those that were taken away, too */
    public static function withRemoved(): Builder
    {
        return self::query()->withoutGlobalScope('there');
    }

    /** One that was taken away has its address, so that it can be put back. */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::withRemoved()->whereKey($value)->first();
    }

    /** Where its picture is; null without one. Nobody guesses it, and another picture has another address. */
    public function picturePath(): ?string
    {
        return $this->picture_key === null ? null : Addresses::wayTo($this->id, $this->picture_key);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PlaceKind::class, 'removed_at' => 'immutable_datetime'];
    }
}
