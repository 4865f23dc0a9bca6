<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Turn;

/** Whoever said that they are here is not, after all: pressed too soon, or they have to go again. */
final class StepOut
{
    /** @throws NotHere when they were called in meanwhile */
    public function __invoke(Booking $booking): void
    {
        Contended::transaction(static function () use ($booking): void {
            Guard::turn($booking->id);
            $turn = Turn::query()->where('booking_id', $booking->id)->first();
            if ($turn?->called_at !== null) {
                throw new NotHere(Words::say('day.in_already'));
            }
            $turn?->fill(['arrived_at' => null, 'arrived_by' => '', 'said_from' => null, 'said_until' => null])->save();
        });
    }
}
