<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Recess\Time\Span;

/**
 * A time at which a calendar says that its owner is busy.
 *
 * @property int $id
 * @property int $calendar_id
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property string $title the owner's business only
 */
final class BusySpan extends Row
{
    protected $table = 'busy_spans';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime'];
    }

    public function span(): Span
    {
        return Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }
}
