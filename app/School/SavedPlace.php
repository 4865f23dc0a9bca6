<?php

declare(strict_types=1);

namespace App\School;

use App\Models\PlaceKind;
use App\Models\Row;

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
 */
final class SavedPlace extends Row
{
    protected $table = 'saved_places';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PlaceKind::class];
    }
}
