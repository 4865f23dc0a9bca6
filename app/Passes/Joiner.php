<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Booking;
use App\Models\Row;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who asks whoever has a time for a student to bring them: the other guardian.
 *
 * @property int $id
 * @property int $booking_id
 * @property string $name
 * @property string $email
 * @property Booking $booking
 */
final class Joiner extends Row
{
    protected $table = 'joiners';

    protected $guarded = [];

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }
}
