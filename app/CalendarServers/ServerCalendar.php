<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Models\Calendar;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One calendar on a server.
 *
 * @property int $id
 * @property int $server_id
 * @property int|null $calendar_id the one whose times take slots out; null where it does not count as busy
 * @property string $path on its server
 * @property string $name as its owner calls it
 * @property bool $can_write
 * @property bool $takes_meetings whether what is booked stands in it
 * @property string|null $token that stands for how it was when it was looked at (RFC 6578)
 * @property CarbonImmutable|null $listed_at when all of it was gone through
 * @property CalendarServer $server
 * @property Calendar|null $busy
 */
final class ServerCalendar extends Row
{
    protected $table = 'server_calendars';

    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['can_write' => 'boolean', 'takes_meetings' => 'boolean', 'listed_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<CalendarServer, $this> */
    public function server(): BelongsTo
    {
        return $this->belongsTo(CalendarServer::class, 'server_id');
    }

    /** @return BelongsTo<Calendar, $this> */
    public function busy(): BelongsTo
    {
        return $this->belongsTo(Calendar::class, 'calendar_id');
    }

    /** @return HasMany<ServerEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(ServerEntry::class);
    }
}
