<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody's turn with a host on a day: of a booking, or of somebody who just came in. It is written when the first
 * thing happens to it; a booking without one is only expected.
 *
 * @property int $id
 * @property int $staff_id whose desk it is at
 * @property int|null $booking_id null for whoever just came in
 * @property string $day of the desk (App\Line\DayOf), as YYYY-MM-DD
 * @property string $name of whoever just came in
 * @property string $student
 * @property string $phone
 * @property int $minutes that are meant for them
 * @property CarbonImmutable|null $arrived_at
 * @property string $arrived_by pass, kiosk or desk
 * @property CarbonImmutable|null $called_at
 * @property CarbonImmutable|null $ended_at
 * @property int $more_minutes that were given
 * @property Outcome|null $outcome
 * @property string $word the host's last to them
 * @property CarbonImmutable|null $word_at
 * @property string $answer theirs
 * @property CarbonImmutable|null $answer_at
 * @property CarbonImmutable|null $video_failed_at
 * @property CarbonImmutable|null $said_from between which instants they were last told that they are called in
 * @property CarbonImmutable|null $said_until
 * @property int $told_late seconds of lateness of which they were told
 * @property Booking|null $booking
 */
final class Turn extends Row
{
    protected $table = 'turns';

    protected $guarded = [];

    protected $attributes = [
        'booking_id' => null,
        'name' => '',
        'student' => '',
        'phone' => '',
        'minutes' => 0,
        'arrived_at' => null,
        'arrived_by' => '',
        'called_at' => null,
        'ended_at' => null,
        'more_minutes' => 0,
        'outcome' => null,
        'word' => '',
        'word_at' => null,
        'answer' => '',
        'answer_at' => null,
        'video_failed_at' => null,
        'said_from' => null,
        'said_until' => null,
        'told_late' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        $instants = [
            'arrived_at',
            'called_at',
            'ended_at',
            'word_at',
            'answer_at',
            'video_failed_at',
            'said_from',
            'said_until',
        ];

        return ['outcome' => Outcome::class] + array_fill_keys($instants, 'immutable_datetime');
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }

    /** Whether they are in just now. */
    public function isUnderWay(): bool
    {
        return $this->called_at !== null && $this->ended_at === null && $this->outcome === null;
    }

    /** Whether nothing more happens to it. */
    public function isOver(): bool
    {
        return $this->outcome !== null || $this->ended_at !== null;
    }
}
