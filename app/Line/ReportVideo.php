<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Turn;

/** Video fails, says either side, or it works again: while it fails both see the number to ring. */
final class ReportVideo
{
    /** @throws NotHere when they were not called in */
    public function __invoke(Booking $booking, bool $fails, int $now): void
    {
        Contended::transaction(static function () use ($booking, $fails, $now): void {
            Guard::turn($booking->id);
            $turn = Turn::query()->where('booking_id', $booking->id)->first();
            if ($turn === null || !$turn->isUnderWay()) {
                throw new NotHere(Words::say('day.not_in'));
            }
            $turn->fill(['video_failed_at' => $fails ? Instant::column($now) : null])->save();
        });
    }
}
