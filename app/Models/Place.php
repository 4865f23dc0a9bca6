<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Where a sheet's meetings happen.
 *
 * @property int $id
 * @property int $sheet_id
 * @property PlaceKind $kind
 * @property string $label what people call it: "Room 12"
 * @property string|null $link of a video place, http or https
 * @property string $directions
 * @property LinkMode $link_mode
 * @property int $position
 * @property CarbonImmutable|null $removed_at taken off the sheet while bookings still stand on it
 */
final class Place extends Row
{
    protected $table = 'places';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PlaceKind::class, 'link_mode' => LinkMode::class, 'removed_at' => 'immutable_datetime'];
    }

    /** What tells it from other places for whoever has to get there; null on the phone. */
    public function spot(): ?string
    {
        return $this->kind->spot($this->label);
    }
}
