<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Outcome;
use App\Models\Turn;

/** A visitor says that they are here, on their pass or at the entrance. Saying it again changes nothing. */
final class CheckIn
{
    /**
     * @param  string  $by  pass, kiosk or desk
     *
     * @throws NotHere when it is too early, or the meeting is off or over
     */
    public function __invoke(Booking $booking, string $by, int $now): Turn
    {
        return Contended::transaction(static function () use ($booking, $by, $now): Turn {
            Guard::turn($booking->id);
            $day = DayOf::at($booking->span()->start, $booking->sheet->host->school->timeZone());
            $turn = Turn::query()->where('booking_id', $booking->id)->first() ?? Press::begun($booking, $day);
            $stands = Opening::stands($booking->refresh());
            if ($stands && $turn->arrived_at !== null && !$turn->isOver()) {
                return $turn;
            }
            $opens = Opening::of($booking, $by);
            match (true) {
                !$stands => throw new NotHere(Words::say('day.here_off')),
                $turn->isOver() && $turn->outcome !== Outcome::Missed => throw new NotHere(Words::say('day.here_over')),
                $now < $opens => throw NotHere::yet($booking, $opens),
                !$day->span->holds($now) => throw new NotHere(Words::say('day.here_over')),
                default => null,
            };
            // Whoever was given up and comes after all is waited for again.
            $turn->fill(['arrived_at' => Instant::column($now), 'arrived_by' => $by, 'outcome' => null])->save();

            return $turn;
        });
    }
}
