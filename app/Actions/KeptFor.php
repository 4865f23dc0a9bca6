<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Seat;
use App\Timetables\SheetTimetable;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Reason;

/** Whether nothing stands against a slot but that it is kept for whoever asks. */
final class KeptFor
{
    public static function onlyThem(SheetTimetable $timetable, Offer $offer, string $keeper): bool
    {
        $others = array_filter($offer->verdict->reasons, static fn (Reason $reason): bool => ! in_array($reason->because, [Because::NoSeat, Because::HostBusy, Because::DayFull], true));

        return $others === [] && Seat::query()->join('holds', 'holds.id', '=', 'seats.hold_id')
            ->where('keeper', $keeper)->where('kept_until', '>', gmdate('Y-m-d H:i:s', $timetable->now))
            ->where('holds.sheet_id', $timetable->sheet->id)->where('holds.starts_at', gmdate('Y-m-d H:i:s', $offer->slot->start))
            ->exists();
    }
}
