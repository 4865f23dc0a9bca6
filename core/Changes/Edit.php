<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Time\Span;
use Recess\Time\Spans;

/** Compares a sheet's bookings with the slots that it has after an edit. */
final class Edit
{
    private const NEAREST = 5;

    /**
     * @param  list<Booked>  $bookings
     * @param  list<Span>  $slots  all slots after the edit that a booking may stand on
     * @param  list<string>  $places  those offered after the edit
     * @param  int  $seats  bookings to a slot
     */
    public static function effect(array $bookings, array $slots, array $places, int $seats = 1): Effect
    {
        $ends = $seatsLeft = [];
        foreach ($slots as $slot) {
            $ends[$slot->start] = $slot->end;
            $seatsLeft[$slot->start] = $seats;
        }
        $stays = $otherLength = $otherPlace = $homeless = [];
        foreach ($bookings as $booking) {
            $start = $booking->slot->start;
            if (($seatsLeft[$start] ?? 0) < 1) {
                $homeless[] = $booking;

                continue;
            }
            $seatsLeft[$start]--;
            if ($ends[$start] !== $booking->slot->end) {
                $otherLength[] = [$booking, Span::of($start, $ends[$start])];
            } elseif (! in_array($booking->place, $places, true)) {
                $otherPlace[] = $booking;
            } else {
                $stays[] = $booking;
            }
        }

        $free = [];
        foreach ($slots as $slot) {
            for ($seat = $seatsLeft[$slot->start]; $seat > 0; $seat--) {
                $free[] = $slot;
            }
        }

        return new Effect($stays, $otherLength, $otherPlace, self::rehoused($homeless, $free));
    }

    /**
     * @param  list<Booked>  $bookings
     * @param  list<Span>  $free  once for each seat
     * @return list<Left>
     */
    private static function rehoused(array $bookings, array $free): array
    {
        $near = $wanted = [];
        foreach ($bookings as $i => $booking) {
            $elsewhere = Spans::of($booking->elsewhere);
            $possible = array_filter($free, static fn (Span $slot): bool => ! $elsewhere->touches($slot));
            uasort($possible, static fn (Span $a, Span $b): int => [self::minutes($booking, $a), $a->start] <=> [self::minutes($booking, $b), $b->start]);
            $near[$i] = $possible;
            // With n bookings nobody needs more than their own n nearest: one of those is always left over.
            foreach (array_slice($possible, 0, count($bookings), true) as $at => $slot) {
                $wanted[$at] = true;
            }
        }
        $columns = array_keys($wanted);
        $costs = array_map(static fn (int $i): array => array_map(
            static fn (int $at): ?int => isset($near[$i][$at]) ? self::minutes($bookings[$i], $free[$at]) : null,
            $columns,
        ), array_keys($bookings));
        $chosen = Matching::leastCost($costs);

        $left = [];
        foreach ($bookings as $i => $booking) {
            $distinct = [];
            foreach ($near[$i] as $slot) {
                $distinct[$slot->start] = $slot;
            }
            $left[] = new Left($booking, array_slice(array_values($distinct), 0, self::NEAREST), $chosen[$i] === null ? null : $free[$columns[$chosen[$i]]]);
        }

        return $left;
    }

    private static function minutes(Booked $booking, Span $slot): int
    {
        return intdiv(abs($slot->start - $booking->slot->start), 60);
    }
}
