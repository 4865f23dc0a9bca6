<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Booking;
use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What somebody of the staff noted about a meeting. They alone read it: no colleague, no office, no visitor.
 *
 * @property int $id
 * @property int $booking_id
 * @property int $staff_id
 * @property string $text
 * @property CarbonImmutable $updated_at
 * @property Booking $booking
 */
final class MeetingNote extends Row
{
    protected $table = 'meeting_notes';

    protected $guarded = [];

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }
}
