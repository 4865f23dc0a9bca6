<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Party;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Recess\Time\Span;

/**
 * A time that a knock asks for, or that a host names instead; kept while it is open.
 *
 * @property int $id
 * @property int $knock_id
 * @property Party $by who named it
 * @property int $position 1 for the first choice
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property bool $chosen whether a host has said yes or maybe to it
 */
final class KnockChoice extends Row
{
    protected $table = 'knock_choices';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['chosen' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'by' => Party::class,
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'chosen' => 'boolean',
        ];
    }

    public function span(): Span
    {
        return Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }
}
