<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Something that a staff member should look at; nothing was changed for them.
 *
 * @property int $id
 * @property int $staff_id
 * @property int|null $booking_id
 * @property string $key the same cause raises one notice
 * @property string $message of one that was raised before notices were said to their reader
 * @property string|null $says its place in the catalogue
 * @property array<string, int|string|array{int, int, string}>|null $says_with
 * @property CarbonImmutable|null $seen_at
 */
final class Notice extends Row
{
    protected $table = 'notices';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'immutable_datetime', 'says_with' => 'array'];
    }
}
