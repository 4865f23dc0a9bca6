<?php

declare(strict_types=1);

namespace Recess\Changes;

use Recess\Rules\Elsewhere;
use Recess\Rules\Travel;
use Recess\Time\Span;
use Recess\Time\Zone;

/** Compares a sheet's bookings with the slots that it has after an edit. */
final class Edit
{
    private const NEAREST = 5;

    /**
     * @param  list<Booked>  $bookings
     * @param  list<Opening>  $openings  all slots after the edit, in order
     * @param  non-empty-array<int, string|null>  $places  those offered after the edit, as Sheet has them
     * @param  Within  $within  how far those without a slot are proposed to go
     */
    public static function effect(array $bookings, array $openings, array $places, Travel $travel, Zone $zone, Within $within = Within::Anywhere): Effect
    {
        $at = $stayed = [];
        foreach ($openings as $opening) {
            $at[$opening->slot->start] = $opening;
            $stayed[$opening->slot->start] = 0;
        }
        $stays = $otherLength = $otherPlace = $homeless = [];
        foreach ($bookings as $booking) {
            $start = $booking->slot->start;
            $opening = $at[$start] ?? null;
            $longer = $opening !== null && $opening->slot->end > $booking->slot->end;
            if ($opening === null || $stayed[$start] >= $opening->keeps || ($longer && ! self::canCome($booking, $opening->slot, $places, $travel))) {
                $homeless[] = $booking;

                continue;
            }
            $stayed[$start]++;
            if ($opening->slot->end !== $booking->slot->end) {
                $otherLength[] = [$booking, $opening->slot];
            } elseif (! array_key_exists($booking->place, $opening->places ?? $places)) {
                $otherPlace[] = $booking;
            } else {
                $stays[] = $booking;
            }
        }

        $free = [];
        foreach ($openings as $opening) {
            for ($seat = $opening->takes - $stayed[$opening->slot->start]; $seat > 0; $seat--) {
                $free[] = $opening->slot;
            }
        }

        return new Effect($stays, $otherLength, $otherPlace, self::rehoused($homeless, $free, $places, $travel, $zone, $within));
    }

    /**
     * Whether visitor and student can be there, with the way from and to their other meetings.
     *
     * @param  non-empty-array<int, string|null>  $places
     */
    private static function canCome(Booked $booking, Span $slot, array $places, Travel $travel): bool
    {
        $own = array_intersect_key($places, [$booking->place => true]) ?: $places;

        return (new Elsewhere($travel, $own))->reachable($slot, $booking->visitor, $booking->student) !== [];
    }

    /**
     * @param  list<Booked>  $bookings
     * @param  list<Span>  $free  once for each seat
     * @param  non-empty-array<int, string|null>  $places
     * @return list<Left>
     */
    private static function rehoused(array $bookings, array $free, array $places, Travel $travel, Zone $zone, Within $within): array
    {
        $near = $proposable = $wanted = [];
        foreach ($bookings as $i => $booking) {
            $possible = array_filter($free, static fn (Span $slot): bool => self::canCome($booking, $slot, $places, $travel));
            uasort($possible, static fn (Span $a, Span $b): int => [self::minutes($booking, $a), $a->start] <=> [self::minutes($booking, $b), $b->start]);
            $near[$i] = $possible;
            // With n bookings nobody needs more than their own n nearest: one of those is always left over.
            $proposable[$i] = array_filter($possible, static fn (Span $slot): bool => $within->allows($booking->slot, $slot, $zone));
            foreach (array_slice($proposable[$i], 0, count($bookings), true) as $at => $slot) {
                $wanted[$at] = true;
            }
        }
        $columns = array_keys($wanted);
        $costs = array_map(static fn (int $i): array => array_map(
            static fn (int $at): ?int => isset($proposable[$i][$at]) ? self::minutes($bookings[$i], $free[$at]) : null,
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
