<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Rules\Elsewhere;
use Recess\Slots\InARow;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/** Compares a sheet's bookings with the slots that it has after an edit. */
final class Edit
{
    private const NEAREST = 5;

    /**
     * @param  list<Booked>  $bookings
     * @param  Within  $within  how far those without a slot are proposed to go
     */
    public static function effect(array $bookings, Edited $sheet, Within $within = Within::Anywhere): Effect
    {
        $at = $stayed = [];
        foreach ($sheet->openings as $opening) {
            $at[$opening->slot->start] = $opening;
            $stayed[$opening->slot->start] = 0;
        }
        $stays = $otherLength = $otherPlace = $homeless = [];
        foreach ($bookings as $booking) {
            $start = $booking->slot->start;
            $opening = $at[$start] ?? null;
            $longer = $opening !== null && $opening->slot->end > $booking->slot->end;
            if (
                $opening === null ||
                $stayed[$start] >= $opening->keeps ||
                ($longer && !self::canCome($booking, $opening->slot, $sheet))
            ) {
                $homeless[] = $booking;

                continue;
            }
            $stayed[$start]++;
            if ($opening->slot->end !== $booking->slot->end) {
                $otherLength[] = [$booking, $opening->slot];
            } elseif (!array_key_exists($booking->place, $opening->places ?? $sheet->places)) {
                $otherPlace[] = $booking;
            } else {
                $stays[] = $booking;
            }
        }

        $free = [];
        foreach (
            self::withoutRests($sheet->openings, [...$stays, ...$otherPlace, ...array_column($otherLength, 0)])
            as $opening
        ) {
            for ($seat = $opening->takes - $stayed[$opening->slot->start]; $seat > 0; $seat--) {
                $free[] = $opening->slot;
            }
        }

        return new Effect($stays, $otherLength, $otherPlace, self::rehoused($homeless, $free, $sheet, $within));
    }

    /**
     * What longer meetings that stay take beside their slot can be had by nobody.
     *
     * @param  list<Opening>  $openings
     * @param  list<Booked>  $staying
     * @return list<Opening>
     */
    private static function withoutRests(array $openings, array $staying): array
    {
        $rests = Spans::of(
            array_map(
                static fn(Booked $one): Span => Span::of($one->slot->end, $one->slot->start + $one->seconds()),
                array_values(array_filter($staying, static fn(Booked $one): bool => $one->isLonger())),
            ),
        );

        return array_values(array_filter($openings, static fn(Opening $one): bool => !$rests->touches($one->slot)));
    }

    /** Whether visitor and student can be there, with the way from and to their other meetings. */
    private static function canCome(Booked $booking, Span $slot, Edited $sheet): bool
    {
        $own = array_intersect_key($sheet->places, [$booking->place => true]) ?: $sheet->places;

        return (new Elsewhere($sheet->travel, $own))->reachable($slot, $booking->visitor, $booking->student) !== [];
    }

    /**
     * @param  list<Booked>  $bookings
     * @param  list<Span>  $free  once for each seat
     * @return list<Left>
     */
    private static function rehoused(array $bookings, array $free, Edited $sheet, Within $within): array
    {
        $zone = $sheet->zone;
        $near = $proposable = $wanted = [];
        foreach ($bookings as $i => $booking) {
            $possible = array_filter(
                $free,
                static fn(Span $slot): bool => self::canCome($booking, $slot, $sheet) &&
                    self::isLongEnough($booking, $slot, $free),
            );
            uasort(
                $possible,
                static fn(Span $a, Span $b): int => [self::minutes($booking, $a, $zone), $a->start] <=> [
                    self::minutes($booking, $b, $zone),
                    $b->start,
                ],
            );
            $near[$i] = $possible;
            // With n bookings nobody needs more than their own n nearest: one of those is always left over.
            // A longer one takes a time that somebody else would have been moved to: that is for people to say.
            $proposable[$i] = $booking->isLonger()
                ? []
                : array_filter($possible, static fn(Span $slot): bool => $within->allows($booking->slot, $slot, $zone));
            foreach (array_slice($proposable[$i], 0, count($bookings), true) as $at => $slot) {
                $wanted[$at] = true;
            }
        }
        $columns = array_keys($wanted);
        $costs = array_map(
            static fn(int $i): array => array_map(
                static fn(int $at): ?int => isset($proposable[$i][$at])
                    ? self::minutes($bookings[$i], $free[$at], $zone)
                    : null,
                $columns,
            ),
            array_keys($bookings),
        );
        $chosen = Matching::leastCost($costs);

        $left = [];
        foreach ($bookings as $i => $booking) {
            $distinct = [];
            foreach ($near[$i] as $slot) {
                $distinct[$slot->start] = $slot;
            }
            $left[] = new Left(
                $booking,
                array_slice(array_values($distinct), 0, self::NEAREST),
                $chosen[$i] === null ? null : $free[$columns[$chosen[$i]]],
            );
        }

        return $left;
    }

    /** @param  list<Span>  $free */
    private static function isLongEnough(Booked $booking, Span $slot, array $free): bool
    {
        if (!$booking->isLonger()) {
            return true;
        }
        $slots = array_values(array_column(array_map(static fn(Span $one): array => [$one->start, $one], $free), 1, 0));
        $first = (int) array_search($slot, $slots, true);
        for ($times = 2; ($row = InARow::from($slots, $first, $times)) !== null; $times++) {
            if ($row->seconds() >= $booking->seconds()) {
                return true;
            }
        }

        return false;
    }

    private static function minutes(Booked $booking, Span $slot, Zone $zone): int
    {
        return Shift::between($booking->slot, $slot, $zone)->distance();
    }
}
