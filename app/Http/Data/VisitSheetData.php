<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Models\Place;
use App\Timetables\SheetTimetable;
use App\Wording\Spell;

/** A sheet as a visitor sees it. Says nothing of who has booked. */
final class VisitSheetData
{
    /** @return array<string, mixed> as VisitSheet in docs/formats/recess.openapi.yaml */
    public static function of(SheetTimetable $timetable): array
    {
        $sheet = $timetable->sheet;

        return [
            'slug' => $sheet->slug,
            'title' => $sheet->title,
            'intro' => $sheet->intro,
            'school' => $sheet->host->school->name,
            'zone' => Spell::zone($timetable->zone),
            'host' => ['name' => $sheet->host->name, 'subject' => $sheet->host->subject],
            'places' => array_values($sheet->places->map(self::place(...))->all()),
            'lead' => self::lead($sheet->lead_minutes),
            'free' => count($timetable->free()),
            'days' => RulerData::days($timetable->zone, $timetable->pieces, $timetable->offers, $timetable->now),
        ];
    }

    /** @return array<string, mixed> the video link is not in it: that is for those who have booked */
    private static function place(Place $place): array
    {
        return ['id' => $place->id, 'kind' => $place->kind->value, 'label' => $place->label, 'directions' => $place->directions];
    }

    private static function lead(int $minutes): string
    {
        return match (true) {
            $minutes === 0 => 'Can be booked until the meeting begins.',
            $minutes % 60 === 0 => 'Can be booked until '.Spell::count(intdiv($minutes, 60), 'hour').' before the meeting.',
            default => 'Can be booked until '.Spell::count($minutes, 'minute').' before the meeting.',
        };
    }
}
