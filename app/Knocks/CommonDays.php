<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Timetables\RulerData;
use Recess\Common\CommonTime;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/**
 * Days as rulers with three bands: when the hosts can be asked, when whoever asks has time, and what is common. In whole
 * quarters of an hour, and free or not free: never why.
 */
final class CommonDays
{
    /**
     * @param  Spans|null  $own  what whoever asks has to do otherwise; null where nothing is known
     * @param  non-empty-list<int>  $lengths  minutes, the shortest first
     * @return list<KnockDayShape> as KnockDay in docs/formats/recess.openapi.yaml
     */
    public static function of(WhenFree $free, ?Spans $own, array $lengths, int $now): array
    {
        $zone = $free->zone;
        $hosts = $free->hosts();
        $mine = $own === null ? null : CommonTime::of($free->windows, [$own]);
        $common = $own === null ? $hosts : $free->with($own);
        $byDate = [];
        foreach ($free->windows->all() as $span) {
            $byDate[$zone->dayAt($span->start)][] = $span;
        }
        $scale = self::scale($zone, $free->windows);
        $starts = [];
        foreach ($common->starts($lengths[0]) as $start) {
            $starts[$zone->dayAt($start)][] = $start;
        }
        $days = [];
        foreach (array_keys($byDate) as $day) {
            ['left' => $left, 'ruler' => $ruler] = RulerData::between(LocalDate::fromDay($day), $zone, $scale, $now);
            $whole = Span::of($left, $left + max(1, $ruler['length']) * 60);
            $days[] = [
                ...$ruler,
                'host' => self::bands($hosts->free, $whole, $zone),
                'own' => $mine === null ? null : self::bands($mine->free, $whole, $zone),
                'common' => self::bands($common->free, $whole, $zone),
                'starts' => array_map(
                    static fn(int $start): array => self::start(
                        $start,
                        $left,
                        $common->longestAt($start),
                        $lengths,
                        $zone,
                    ),
                    $starts[$day] ?? [],
                ),
            ];
        }

        return $days;
    }

    /**
     * @param  non-empty-list<int>  $lengths
     * @return array{key: string, at: int, from: string, ends: list<array{minutes: int, until: string}>}
     */
    private static function start(int $start, int $left, int $longest, array $lengths, Zone $zone): array
    {
        $fits = array_values(array_filter($lengths, static fn(int $minutes): bool => $minutes <= $longest));

        return [
            'key' => SlotKey::of($start),
            'at' => intdiv($start - $left, 60),
            'from' => (string) $zone->timeAt($start),
            'ends' => array_map(
                static fn(int $minutes): array => [
                    'minutes' => $minutes,
                    'until' => (string) $zone->timeAt($start + $minutes * 60),
                ],
                $fits,
            ),
        ];
    }

    /** @return list<array{at: int, length: int, said: string}> */
    private static function bands(Spans $spans, Span $day, Zone $zone): array
    {
        $bands = [];
        foreach ($spans->overlap(Spans::of([$day]))->all() as $span) {
            $bands[] = [
                'at' => intdiv($span->start - $day->start, 60),
                'length' => $span->minutes(),
                'said' => Spell::between($span, $zone),
            ];
        }

        return $bands;
    }

    /** @return array{int, int} the full hours between which all of it lies, in minutes of the day */
    private static function scale(Zone $zone, Spans $windows): array
    {
        $first = 1440;
        $last = 0;
        foreach ($windows->all() as $span) {
            $first = min($first, intdiv($zone->timeAt($span->start)->minute, 60) * 60);
            $end = $zone->timeAt($span->end)->minute;
            $last = max($last, intdiv(($end === 0 ? 1440 : $end) + 59, 60) * 60);
        }

        return [$first, max($first + 60, $last)];
    }
}
