<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Models\Booking;
use App\Models\Row;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A meeting of ours as it stands in somebody's own calendar.
 *
 * @property int $id
 * @property int $server_calendar_id
 * @property int $booking_id
 * @property string $path
 * @property string $etag
 * @property int $sequence of the booking when it was written
 * @property string $written encrypted: what we wrote last
 * @property string $hash of it
 * @property bool $taken_out by its owner, there
 * @property Booking $booking
 */
final class ServerEntry extends Row
{
    protected $table = 'server_entries';

    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['written' => 'encrypted', 'taken_out' => 'boolean'];
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }
}
