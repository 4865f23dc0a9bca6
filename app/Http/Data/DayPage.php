<?php

declare(strict_types=1);

namespace App\Http\Data;

use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/** So many days of rulers at a time; the next ones are a press away. */
final class DayPage
{
    /**
     * @param  iterable<Pieces>  $pieces  in order
     * @return array{list<Pieces>, LocalDate|null} those of the first so many days, and the day after them that has some
     */
    public static function of(iterable $pieces, Zone $zone, int $atMost): array
    {
        $shown = $days = [];
        foreach ($pieces as $stretch) {
            $day = $zone->dayAt($stretch->stretch->start);
            if (! isset($days[$day]) && count($days) === $atMost) {
                return [$shown, LocalDate::fromDay($day)];
            }
            $days[$day] = true;
            $shown[] = $stretch;
        }

        return [$shown, null];
    }
}
