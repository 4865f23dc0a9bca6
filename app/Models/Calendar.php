<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A calendar of a staff member's own, whose entries take slots out: an uploaded file, or a feed that is fetched.
 *
 * @property int $id
 * @property int $staff_id
 * @property string $name
 * @property string|null $address encrypted; null for an uploaded file
 * @property string|null $text as it was last read
 * @property string|null $etag
 * @property CarbonImmutable|null $fetched_at
 * @property string $failure why the last fetch failed, empty when it did not
 * @property list<array{line: int, what: string, why: string}> $skipped
 * @property StaffMember $owner
 */
final class Calendar extends Row
{
    protected $table = 'calendars';

    protected $guarded = [];

    protected $hidden = ['address', 'text'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['address' => 'encrypted', 'fetched_at' => 'immutable_datetime', 'skipped' => 'array'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    /** @return HasMany<BusySpan, $this> */
    public function busySpans(): HasMany
    {
        return $this->hasMany(BusySpan::class);
    }
}
