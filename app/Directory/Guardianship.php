<?php

declare(strict_types=1);

namespace App\Directory;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * That somebody is a student's guardian.
 *
 * @property bool $may_book whether they may book for them
 * @property bool $from_file
 * @property CarbonImmutable|null $put_away_at
 */
final class Guardianship extends Pivot
{
    protected $table = 'guardian_student';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['may_book' => 'boolean', 'from_file' => 'boolean', 'put_away_at' => 'immutable_datetime'];
    }
}
