<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Where a sheet's meetings happen.
 *
 * @property int $id
 * @property int $sheet_id
 * @property PlaceKind $kind
 * @property string $label what people call it: "Room 12"
 * @property string|null $link of a video place, http or https
 * @property string $directions
 */
final class Place extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PlaceKind::class];
    }
}
