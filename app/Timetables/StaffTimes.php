<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Spell;
use App\Models\Booking;
use Recess\Rules\State;
use Recess\Time\LocalDate;

/** Where staff can move a booking to: beyond what they ask of visitors too, each such time saying so. */
final class StaffTimes
{
    /** Days drawn at a time. */
    private const DAYS = 5;

    /**
     * @param  int  $now  seconds since the epoch
     * @return StaffTimesShape as StaffTimes in docs/formats/recess.openapi.yaml
     */
    public static function of(Booking $booking, ?LocalDate $from, int $now): array
    {
        [$timetable, $later] = Judge::page($booking->sheet, $from, self::DAYS, $now, Asking::moving($booking));
        $zone = $timetable->sheet->zone;
        $beyond = [];
        foreach ($timetable->offers() as $offer) {
            if (!$offer->verdict->isFree() && $offer->verdict->hostMayPass()) {
                $beyond[RulerData::slot($offer->slot, State::Free, $zone)['key']] = WhyNot::say(
                    $offer->verdict,
                    Spell::time($offer->slot->start, $zone),
                    $zone,
                );
            }
        }

        return [
            'zone_name' => $zone->name,
            'days' => RulerData::days($timetable),
            'later' => $later === null ? null : (string) $later,
            'beyond' => (object) $beyond,
        ];
    }
}
