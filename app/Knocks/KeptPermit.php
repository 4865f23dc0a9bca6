<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\Worlds;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Verdict;
use Recess\Time\Span;
use Recess\Timetable;

/**
 * Whether a time that is kept for a knock can be had, once its hosts say yes to it. What their calendars have there by now
 * they know themselves; that nobody else holds their time, the keep has seen to.
 */
final class KeptPermit
{
    /**
     * @return array{Timetable, Offer}
     *
     * @throws NoSeatLeft
     * @throws NotAsFilledIn
     */
    public static function of(Sheet $sheet, Span $span, Asking $who, int $now): array
    {
        $timetable = Judge::at($span->start, $sheet, $now, $who);
        $offer = $timetable->offerAt($span->start);
        if ($offer === null || ! self::passes($offer->verdict)) {
            throw new NoSeatLeft;
        }
        $across = $timetable->seenBy(Worlds::asker($sheet, $who->across(), $now))->offerAt($span->start);
        if ($across === null || ! self::passes($across->verdict)) {
            throw new NotAsFilledIn($sheet);
        }

        return [$timetable, $offer];
    }

    private static function passes(Verdict $verdict): bool
    {
        foreach ($verdict->reasons as $reason) {
            if ($reason->because !== Because::HostBusy && ! $reason->because->hostMayPass()) {
                return false;
            }
        }

        return true;
    }
}
