<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Recess\Time\Span;

/**
 * What is different about one slot: closed by hand, or with more seats than the sheet gives.
 *
 * @property int $id
 * @property int $sheet_id
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property bool $closed
 * @property int $extra_seats
 * @property bool $away whether it is closed because its host is away from a round
 */
final class SlotChange extends Row
{
    protected $table = 'slot_changes';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'closed' => 'boolean',
            'away' => 'boolean',
        ];
    }

    public function span(): Span
    {
        return Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }
}
