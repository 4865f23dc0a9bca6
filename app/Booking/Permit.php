<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Party;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\Worlds;
use Recess\Offer;
use Recess\Timetable;

/** Decides whether somebody can have a slot. To be called inside a transaction that has raised the guards of those it decides for. */
final class Permit
{
    /**
     * @param  int  $start  the instant at which the slot begins
     * @return array{Timetable, Offer}
     *
     * @throws NoSeatLeft when it cannot be had
     * @throws NotAsFilledIn when it cannot be had by them, for a reason on another pass
     */
    public static function of(Sheet $sheet, int $start, Asking $who, Party $by, int $now): array
    {
        $timetable = Judge::at($start, $sheet, $now, $who);
        $offer = $timetable->offerAt($start);
        if ($offer === null || ! $by->mayHave($offer->verdict)) {
            throw new NoSeatLeft;
        }
        $across = $timetable->seenBy(Worlds::asker($sheet, $who->across(), $now))->offerAt($start);
        if ($across === null || ! $by->mayHave($across->verdict)) {
            throw new NotAsFilledIn($sheet);
        }

        return [$timetable, $offer];
    }
}
