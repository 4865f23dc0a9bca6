<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Refused;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;

/** Somebody says that they are here, and cannot now; why, and from when they can. */
final class NotHere extends Refused
{
    public static function yet(Booking $booking, int $opens): self
    {
        $zone = $booking->sheet->host->school->timeZone();

        return new self(
            Words::say('day.here_early', [
                'time' => Spell::time($opens, $zone),
                'date' => Spell::date($zone->dateAt($opens)),
            ]),
        );
    }
}
