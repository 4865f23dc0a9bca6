<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Changes\BlockEdit;
use Recess\Changes\Booked;
use Recess\Changes\Edit;
use Recess\Changes\Edited;
use Recess\Changes\Effect;
use Recess\Changes\Left;
use Recess\Changes\Matching;
use Recess\Changes\Opening;
use Recess\Changes\Scope;
use Recess\Changes\Shift;
use Recess\Changes\Within;
use Recess\Held;
use Recess\Hosts;
use Recess\Repeat\Ending;
use Recess\Repeat\Weekly;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;
use Recess\Rules\Travel;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Pieces;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Weekday;
use Recess\Time\Zone;
use Recess\Timetable;
use Recess\World;

final class ChangesTest extends TestCase
{
    /** A span of minutes of an afternoon. */
    private static function at(int $minute, int $long = 10): Span
    {
        return Span::of($minute * 60, ($minute + $long) * 60);
    }

    /** @param  list<int>  $minutes @return list<Span> */
    private static function slots(array $minutes, int $long = 10): array
    {
        return array_map(static fn(int $minute): Span => self::at($minute, $long), $minutes);
    }

    /**
     * @param  list<Booked>  $bookings
     * @param  list<Span>  $slots
     * @param  non-empty-array<int, string|null>  $places
     */
    private static function effect(
        array $bookings,
        array $slots,
        array $places = [0 => null],
        int $seats = 1,
        Within $within = Within::Anywhere,
    ): Effect {
        return Edit::effect(
            $bookings,
            new Edited(
                array_map(static fn(Span $slot): Opening => new Opening($slot, $seats, $seats), $slots),
                $places,
                new Travel(5),
                Zone::of('America/Halifax'),
            ),
            $within,
        );
    }

    /** @return list<int> */
    private static function distances(Effect $effect): array
    {
        return array_map(static fn(Shift $one): int => $one->distance(), $effect->shifts(Zone::of('America/Halifax')));
    }

    /** On another day, and over a change of clocks (tz database: Halifax went to summer time on 2026-03-08), the hour is kept. */
    public function test_on_another_day_the_same_hour_is_the_nearest(): void
    {
        $zone = Zone::of('America/Halifax');
        $slots = static fn(string $date): array => array_map(
            static fn(string $time): Span => Span::of(
                $zone->moment("{$date}T$time"),
                $zone->moment("{$date}T$time") + 900,
            ),
            ['16:00', '16:15', '16:30', '17:30', '17:45'],
        );
        [$before, $after] = [$slots('2026-03-06'), $slots('2026-03-09')];
        $effect = self::effect([new Booked('a', $before[1], 0), new Booked('b', $before[4], 0)], $after);
        self::assertSame(
            [$after[1]->start, $after[4]->start],
            array_map(static fn(Left $left): ?int => $left->proposed?->start, $effect->left),
        );
        self::assertSame($after[1]->start, $effect->left[0]->nearest[0]->start);
        [$first] = $effect->shifts($zone);
        self::assertSame([3, 0], [$first->days, $first->minutes]);
        // Around midnight a day is no day.
        $late = Span::of($zone->moment('2026-03-06T23:45'), $zone->moment('2026-03-07T00:00'));
        $early = Span::of($zone->moment('2026-03-07T00:15'), $zone->moment('2026-03-07T00:30'));
        self::assertSame(30, Shift::between($late, $early, $zone)->distance());
    }

    public function test_it_tells_what_stays_changes_length_or_place_and_is_left(): void
    {
        $bookings = [
            new Booked('stays', self::at(0), 1),
            new Booked('longer', self::at(20), 1),
            new Booked('other place', self::at(40), 2),
            new Booked('left', self::at(7), 1),
        ];
        $effect = self::effect(
            $bookings,
            [self::at(0), self::at(20, 15), self::at(40), self::at(60)],
            [1 => 'Room 12'],
        );
        self::assertSame(['stays'], array_column($effect->stays, 'id'));
        self::assertSame(
            ['longer', 1200, 2100],
            [$effect->otherLength[0][0]->id, $effect->otherLength[0][1]->start, $effect->otherLength[0][1]->end],
        );
        self::assertSame(['other place'], array_column($effect->otherPlace, 'id'));
        self::assertSame([3600], array_column($effect->left[0]->nearest, 'start'));
        self::assertSame([53], self::distances($effect));
    }

    public function test_the_proposal_moves_people_least_where_giving_each_their_nearest_would_not(): void
    {
        $effect = self::effect(
            [new Booked('first', self::at(10), 0), new Booked('second', self::at(14), 0)],
            self::slots([0, 13]),
        );
        // Greedy gives the first its nearest, 13, and leaves 0 for the second: 3 + 14 = 17 minutes.
        self::assertSame(
            [13, 0],
            [intdiv($effect->left[0]->nearest[0]->start, 60), intdiv($effect->left[1]->nearest[1]->start, 60)],
        );
        // The least is 10 + 1.
        self::assertSame(
            [0, 13],
            array_map(static fn(Left $left): int => intdiv($left->proposed->start ?? -60, 60), $effect->left),
        );
        self::assertSame(11, array_sum(self::distances($effect)));
    }

    public function test_nobody_is_sent_where_they_cannot_come_and_whoever_is_over_is_told(): void
    {
        $busy = new Claims(0, [new Engagement(self::at(13))]);
        $effect = self::effect(
            [
                new Booked('busy at 13', self::at(10), 0, $busy),
                new Booked('free', self::at(14), 0),
                new Booked('one too many', self::at(16), 0),
            ],
            self::slots([0, 13]),
        );
        self::assertSame(
            [0, 13, null],
            array_map(
                static fn(Left $left): ?int => $left->proposed === null ? null : intdiv($left->proposed->start, 60),
                $effect->left,
            ),
        );
        self::assertSame(
            ['busy at 13' => [0], 'free' => [13, 0]],
            array_map(
                static fn(Left $left): array => array_map(
                    static fn(Span $slot): int => intdiv($slot->start, 60),
                    $left->nearest,
                ),
                array_combine(['busy at 13', 'free'], array_slice($effect->left, 0, 2)),
            ),
        );
    }

    public function test_the_way_from_one_meeting_to_the_next_counts_for_visitor_and_student(): void
    {
        // Another meeting in Room 3 until minute 20; Room 12 is five minutes away.
        $meeting = new Claims(0, [new Engagement(self::at(10), 'Room 3')]);
        foreach (
            [
                new Booked('visitor', self::at(31), 1, visitor: $meeting),
                new Booked('student', self::at(31), 1, student: $meeting),
            ]
            as $booking
        ) {
            $nearest = static fn(array $places): array => array_map(
                static fn(Span $slot): int => intdiv($slot->start, 60),
                self::effect([$booking], self::slots([22, 40]), $places)->left[0]->nearest,
            );
            self::assertSame([40], $nearest([1 => 'Room 12']));
            self::assertEqualsCanonicalizing([22, 40], $nearest([1 => null]), 'By phone nobody walks.');
            self::assertEqualsCanonicalizing(
                [22, 40],
                $nearest([2 => 'Room 12', 3 => 'Room 3']),
                'Where their place is gone, any that they can get to will do.',
            );
        }
        // A meeting that would get longer, into the way to the next one, cannot stay as it is.
        $longer = new Booked('longer', self::at(0, 10), 1, new Claims(0, [new Engagement(self::at(18), 'Room 3')]));
        self::assertSame(
            ['longer'],
            array_map(
                static fn(Left $left): int|string => $left->booking->id,
                self::effect([$longer], self::slots([0], 15), [1 => 'Room 12'])->left,
            ),
        );
        self::assertCount(1, self::effect([$longer], self::slots([0], 12), [1 => 'Room 12'])->otherLength);
    }

    public function test_nobody_is_proposed_further_than_the_writer_allows_and_what_lies_beyond_is_there_to_be_picked(): void
    {
        // Minutes from Thursday 1 January 1970, 00:00 UTC: Wednesday 20:00 in Halifax, where a Monday is 5 January.
        $day = 1440;
        $booking = new Booked('one', self::at(20 * 60), 0);
        foreach (
            [
                [Within::SameDay, [21 * 60], 21 * 60],
                [Within::SameDay, [20 * 60 + $day], null],
                [Within::SameWeek, [20 * 60 + 3 * $day], 20 * 60 + 3 * $day],
                [Within::SameWeek, [20 * 60 + 4 * $day], null],
                // Two hours later is the next day in UTC and the same one there.
                [Within::SameDay, [26 * 60], 26 * 60],
                [Within::Anywhere, [20 * 60 + 90 * $day], 20 * 60 + 90 * $day],
            ]
            as [$within, $free, $proposed]
        ) {
            $left = self::effect([$booking], self::slots($free), within: $within)->left[0];
            self::assertSame(
                $proposed,
                $left->proposed === null ? null : intdiv($left->proposed->start, 60),
                $within->value,
            );
            self::assertCount(1, $left->nearest);
        }
    }

    public function test_a_group_slot_takes_in_as_many_as_it_has_seats(): void
    {
        $bookings = array_map(static fn(int $id): Booked => new Booked($id, self::at(0), 0), [1, 2, 3, 4]);
        $effect = self::effect($bookings, self::slots([0, 10]), seats: 2);
        self::assertCount(2, $effect->stays);
        self::assertSame(
            [10, 10],
            array_map(static fn(Left $left): int => intdiv($left->proposed->start ?? 0, 60), $effect->left),
        );
    }

    public function test_an_unchanged_sheet_moves_nobody_with_several_hosts_added_seats_and_a_calendar_that_has_filled_since(): void
    {
        $sheet = Afternoon::sheet(
            more: ['hosts' => Hosts::of(1, anyOne: [2]), 'seatsAdded' => [Afternoon::at('16:30') => 1]],
        );
        $held = [
            new Held(1, Afternoon::slot('16:00')),
            new Held(2, Afternoon::slot('16:00')),
            new Held(1, Afternoon::slot('16:30'), 2),
            new Held(2, Afternoon::slot('16:30'), 2),
        ];
        $booked = [];
        foreach (['16:00', '16:00', '16:30', '16:30', '16:30', '16:30'] as $i => $time) {
            $booked[] = new Booked($i, Afternoon::slot($time), 0);
        }
        $timetable = Timetable::of(
            $sheet,
            World::of(Afternoon::at('00:00'), $held, [1 => Spans::of([Afternoon::span('16:00', '16:10')])]),
        );
        self::assertCount(6, $timetable->effectOn($booked)->stays);
        // With one host less, one of the first two and two of the others have to go where there is room.
        $alone = Timetable::of(
            Afternoon::sheet(more: ['seatsAdded' => [Afternoon::at('16:30') => 1]]),
            World::of(Afternoon::at('00:00'), $held, [1 => Spans::of([Afternoon::span('16:00', '16:10')])]),
        );
        $effect = $alone->effectOn($booked);
        self::assertCount(3, $effect->stays);
        self::assertEqualsCanonicalizing(
            ['16:15', '16:45', null],
            array_map(
                static fn(Left $left): ?string => $left->proposed === null
                    ? null
                    : gmdate('H:i', $left->proposed->start),
                $effect->left,
            ),
        );
    }

    public function test_the_matching_is_as_good_as_trying_everything(): void
    {
        $chance = new Randomizer(new Mt19937(1955));
        for ($round = 0; $round < 300; $round++) {
            [$rows, $columns] = [$chance->getInt(1, 5), $chance->getInt(1, 5)];
            $costs = array_map(
                static fn(): array => array_map(
                    static fn(): ?int => $chance->getInt(0, 4) === 0 ? null : $chance->getInt(0, 30),
                    range(1, $columns),
                ),
                range(1, $rows),
            );
            $chosen = Matching::leastCost($costs);

            $taken = array_filter($chosen, is_int(...));
            self::assertSame($taken, array_unique($taken));
            $total = 0;
            foreach ($taken as $row => $column) {
                self::assertNotNull($costs[$row][$column]);
                $total += $costs[$row][$column];
            }
            self::assertSame(
                self::best($costs, 0, []),
                [-count($taken), $total],
                json_encode($costs, JSON_THROW_ON_ERROR),
            );
        }
    }

    /**
     * By trying everything: as many as can be, and then as cheap as can be.
     *
     * @param  list<list<int|null>>  $costs
     * @param  array<int, true>  $used
     * @return array{int, int}
     */
    private static function best(array $costs, int $row, array $used): array
    {
        if (!isset($costs[$row])) {
            return [0, 0];
        }
        $best = self::best($costs, $row + 1, $used);
        foreach ($costs[$row] as $column => $cost) {
            if ($cost !== null && !isset($used[$column])) {
                [$count, $total] = self::best($costs, $row + 1, $used + [$column => true]);
                $best = min($best, [$count - 1, $total + $cost]);
            }
        }

        return $best;
    }

    public function test_an_edit_is_for_this_one_for_this_and_later_or_for_all(): void
    {
        $first = LocalDate::parse('2026-12-01');
        $hours = static fn(int $hour): Hours => Hours::between(LocalTime::of($hour), LocalTime::of($hour + 1));
        $old = Block::of(Weekly::on([Weekday::Tuesday], $first, Ending::times(4)), $hours(9), Cut::of(30));
        $later = Block::of(Weekly::on([Weekday::Tuesday], $first, Ending::times(4)), $hours(10), Cut::of(30));
        $at = LocalDate::parse('2026-12-15');
        $starts = static fn(array $blocks): string => implode(
            ' ',
            array_map(
                static fn(Pieces $pieces): string => gmdate('j:G', $pieces->stretch->start) .
                    '/' .
                    $pieces->slots[0]->minutes(),
                Afternoon::sheet(more: ['blocks' => $blocks])->pieces($first, $first->plusDays(60)),
            ),
        );

        self::assertSame(
            '1:9/30 8:9/30 15:10/30 22:9/30',
            $starts(BlockEdit::apply($old, $later, Scope::ThisOne, $at)),
        );
        self::assertSame(
            '1:9/30 8:9/30 15:10/30 22:10/30',
            $starts(BlockEdit::apply($old, $later, Scope::ThisAndLater, $at)),
        );
        self::assertSame('1:10/30 8:10/30 15:10/30 22:10/30', $starts(BlockEdit::apply($old, $later, Scope::All, $at)));
        // Advising meetings are shrunk from 30 to 15 minutes where the day is full: common practice, no published source.
        self::assertSame(
            '1:9/30 8:9/30 15:9/15 22:9/30',
            $starts(BlockEdit::apply($old, Block::of($old->pattern, $hours(9), Cut::of(15)), Scope::ThisOne, $at)),
        );
        self::assertSame(
            '1:9/30 8:9/30 15:9/30 22:9/30',
            $starts(BlockEdit::apply($old, $old, Scope::ThisAndLater, $at)),
        );
    }
}
