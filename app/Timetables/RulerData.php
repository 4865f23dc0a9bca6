<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\SlotKey;
use App\Framework\Spell;
use Recess\Rules\State;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\Timetable;

/**
 * Days as rulers: everything a page needs to draw them to scale, so that it never computes a time of its own.
 *
 * Places on a ruler are minutes of elapsed time from its left end. All rulers of one list begin and end at the
 * same clock times, so that rows compare.
 */
final class RulerData
{
    /** Seconds: rulers up to five hours long carry five-minute marks. */
    private const ROOM_FOR_FIVES = 18_000;

    /**
     * @param  Timetable  $timetable  of the dates that are drawn
     * @return list<RulerDayShape> as RulerDay in docs/formats/recess.openapi.yaml
     */
    public static function days(Timetable $timetable, RulerNotes $notes = new RulerNotes()): array
    {
        $zone = $timetable->sheet->zone;
        $pieces = $timetable->pieces;
        $now = $timetable->world->now;
        $offerAt = [];
        foreach ($timetable->offers() as $offer) {
            $offerAt[$offer->slot->start] = $offer;
        }
        $byDate = [];
        foreach ($pieces as $stretch) {
            $byDate[$zone->dayAt($stretch->stretch->start)][] = $stretch;
        }
        $scale = self::scale($zone, $pieces);
        ksort($byDate);

        $days = [];
        foreach ($byDate as $day => $stretches) {
            ['left' => $left, 'ruler' => $ruler] = self::between(LocalDate::fromDay($day), $zone, $scale, $now);
            $days[] = [
                ...$ruler,
                'busy' => self::busy($notes->busy, $left, $left + $ruler['length'] * 60, $zone),
                'stretches' => array_map(
                    static fn(Pieces $stretch): array => [
                        'at' => intdiv($stretch->stretch->start - $left, 60),
                        'length' => $stretch->stretch->minutes(),
                        'from' => (string) $zone->timeAt($stretch->stretch->start),
                        'until' => (string) $zone->timeAt($stretch->stretch->end),
                        'left_over' => intdiv($stretch->leftOver, 60),
                        'block' => $notes->origins[$stretch->stretch->start][0] ?? null,
                        'occurrence' => $notes->origins[$stretch->stretch->start][1] ?? null,
                        'slots' => array_map(
                            static fn(Span $slot): array => [
                                ...self::slot($slot, $offerAt[$slot->start]->verdict->state, $zone),
                                'at' => intdiv($slot->start - $left, 60),
                                'seats_left' => ($notes->seats[$slot->start] ?? [null])[0],
                                'extra' => $notes->extra[$slot->start] ?? 0,
                                ...$notes->choices[$slot->start] ?? [],
                                ...isset($notes->shut[$slot->start]) ? ['shut' => true] : [],
                            ],
                            $stretch->slots,
                        ),
                    ],
                    $stretches,
                ),
            ];
        }

        return $days;
    }

    /**
     * The full hours between which all of the stretches lie, in minutes of the day.
     *
     * @param  list<Pieces>  $pieces
     * @return array{int, int}
     */
    private static function scale(Zone $zone, array $pieces): array
    {
        $first = 1440;
        $last = 0;
        foreach ($pieces as $stretch) {
            $begins = $zone->timeAt($stretch->stretch->start)->minute;
            $first = min($first, intdiv($begins, 60) * 60);
            $ends =
                $begins +
                intdiv($zone->readingAt($stretch->stretch->end) - $zone->readingAt($stretch->stretch->start), 60);
            $last = max($last, intdiv($ends + 59, 60) * 60);
        }

        return [$first, $last];
    }

    /**
     * A day's ruler without what lies on it, between the full hours that hold some stretches.
     *
     * @param  list<Pieces>  $pieces
     * @return array{left: int, ruler: array{date: string, label: string, short: string, length: int, marks: list<mixed>, now: int|null}} the instant of its left end, and all of RulerDay but busy and stretches
     */
    public static function frame(LocalDate $date, Zone $zone, array $pieces, int $now): array
    {
        return self::between($date, $zone, self::scale($zone, $pieces), $now);
    }

    /**
     * A day's ruler without what lies on it, between two times of its clock.
     *
     * @param  array{int, int}  $scale  minutes of the day
     * @return array{left: int, ruler: array{date: string, label: string, short: string, length: int, marks: list<mixed>, now: int|null}}
     */
    public static function between(LocalDate $date, Zone $zone, array $scale, int $now): array
    {
        $left = $zone->instant($date, $scale[0]);
        $right = $zone->instant($date, $scale[1]);

        return [
            'left' => $left,
            'ruler' => [
                'date' => (string) $date,
                'label' => Spell::date($date),
                'short' => Spell::shortDate($date),
                'length' => intdiv($right - $left, 60),
                'marks' => self::marks($zone, $left, $right),
                'now' => $left <= $now && $now < $right ? intdiv($now - $left, 60) : null,
            ],
        ];
    }

    /** @return array{key: string, length: int, day: string, from: string, until: string, part: string, state: string} */
    public static function slot(Span $slot, State $state, Zone $zone): array
    {
        return [
            'key' => SlotKey::of($slot->start),
            'length' => $slot->minutes(),
            'day' => Spell::shortDate($zone->dateAt($slot->start)),
            'from' => (string) $zone->timeAt($slot->start),
            'until' => (string) $zone->timeAt($slot->end),
            'part' => $zone->timeAt($slot->start)->partOfDay()->value,
            'state' => $state->value,
        ];
    }

    /**
     * @param  list<array{Span, string}>  $entries
     * @return list<array{at: int, length: int, title: string, said: string}>
     */
    private static function busy(array $entries, int $left, int $right, Zone $zone): array
    {
        $shown = [];
        foreach ($entries as [$span, $title]) {
            $part = $span->shared(Span::of($left, $right));
            if ($part !== null) {
                $said = Spell::between($span, $zone);
                $shown[] = [
                    'at' => intdiv($part->start - $left, 60),
                    'length' => $part->minutes(),
                    'title' => $title,
                    'said' => $said,
                ];
            }
        }

        return $shown;
    }

    /**
     * A mark each quarter of an hour, and each five minutes on a ruler short enough to have room; full hours have their time.
     *
     * @return list<array{at: int, label: string|null, size: string}>
     */
    public static function marks(Zone $zone, int $left, int $right): array
    {
        $marks = [];
        for ($instant = $left; $instant <= $right; $instant += $right - $left <= self::ROOM_FOR_FIVES ? 300 : 900) {
            $time = $zone->timeAt($instant);
            $marks[] = [
                'at' => intdiv($instant - $left, 60),
                'label' => $time->minute % 60 === 0 ? (string) $time : null,
                'size' => $time->minute % 60 === 0 ? 'hour' : ($time->minute % 15 === 0 ? 'quarter' : 'five'),
            ];
        }

        return $marks;
    }
}
