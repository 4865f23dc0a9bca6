<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failures\SlotGone;
use App\Timetables\Glance;
use App\Timetables\Onlooker;
use App\Timetables\SheetTimetable;

/** What is said to whoever cannot have a slot; and others who come too late hear it sooner. */
final class Refusal
{
    /** @param  int|null  $host  the one of several whom it has to be */
    public static function of(SheetTimetable $timetable, int $start, ?int $host = null): SlotGone
    {
        if (Glance::at($timetable->sheet->id, $timetable->sheet->stamp, $timetable->now) === null) {
            Glance::keep($timetable->seenBy(Onlooker::unknown()));
        }
        $offer = $timetable->offerAt($start);

        return $offer === null ? SlotGone::neverThere($timetable, $start, $host) : SlotGone::of($timetable, $offer, $host);
    }
}
