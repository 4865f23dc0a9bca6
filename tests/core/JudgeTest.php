<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Recess\Asker;
use Recess\Changes\Booked;
use Recess\Held;
use Recess\Hosts;
use Recess\Offer;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Sheet;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Pieces;
use Recess\Time\DateRange;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Weekday;
use Recess\Timetable;
use Recess\World;

/** What holds of the judge in every world: its answers to one question follow from its answers to the others. */
final class JudgeTest extends TestCase
{
    use TestTrait;

    /** @return \Eris\Generator<mixed> seats, hosts, whether a colleague has to be there, meetings a day (0 for any number), lead, and what is held and busy */
    private static function worlds(): object
    {
        return Generators::tuple(
            Generators::choose(1, 3),
            Generators::choose(1, 3),
            Generators::elements(true, false),
            Generators::elements(0, 1, 2),
            Generators::elements(0, 60, 1440),
            Generators::seq(
                Generators::tuple(Generators::choose(1, 4), Generators::choose(0, 3), Generators::choose(1, 4)),
            ),
            Generators::seq(
                Generators::tuple(Generators::choose(1, 4), Generators::choose(-10, 55), Generators::choose(5, 40)),
            ),
        );
    }

    /** @param  array<mixed>  $of  as worlds() gives it */
    private static function timetable(array $of, ?int $now = null): Timetable
    {
        [$seats, $hosts, $must, $perDay, $lead, $held, $busy] = $of;
        $sheet = Afternoon::sheet(
            ['seats' => $seats, 'per_day' => $perDay ?: null, 'lead_minutes' => $lead],
            [
                'hosts' => Hosts::of(
                    1,
                    range(2, $hosts + 1) === [2, 1] ? [] : array_slice([2, 3], 0, $hosts - 1),
                    $must ? [4] : [],
                ),
                'seatsAdded' => [Afternoon::at('16:30') => 1],
            ],
        );
        $taken = [];
        foreach ($held as [$host, $slot, $visitors]) {
            $start = Afternoon::at('16:00') + $slot * 900;
            $taken["$host.$slot"] = new Held(
                $host,
                Span::of($start, $start + 900),
                min($visitors, $seats),
                alongside: $host === 4,
            );
        }
        $spans = [];
        foreach ($busy as [$host, $from, $long]) {
            $spans[$host][] = Span::of(
                Afternoon::at('16:00') + $from * 60,
                Afternoon::at('16:00') + ($from + $long) * 60,
            );
        }

        return Timetable::of(
            $sheet,
            World::of($now ?? Afternoon::at('12:00'), array_values($taken), array_map(Spans::of(...), $spans)),
        );
    }

    public function test_a_slot_is_free_when_somebody_has_a_seat_for_it_and_the_rules_of_time_allow(): void
    {
        $this->forAll(self::worlds())->then(static function (array $of): void {
            $timetable = self::timetable($of);
            $free = [];
            foreach ($timetable->offers() as $offer) {
                $capacity = $timetable->capacity($offer->slot);
                $hosts = $timetable->hostsFor($offer->slot);
                self::assertSame(
                    $hosts !== [] && $timetable->world->now <= $timetable->bookableUntil($offer->slot),
                    $offer->verdict->isFree(),
                );
                self::assertSame($hosts === [], $capacity->left === 0);
                self::assertLessThanOrEqual($capacity->seats, $capacity->left + $capacity->taken);
                self::assertEquals($offer, $timetable->offerAt($offer->slot->start));
                if ($offer->verdict->isFree()) {
                    $free[] = $offer->slot->start;
                }
            }
            self::assertSame($free[0] ?? null, $timetable->firstFree()?->slot->start);
            self::assertSame($free, array_map(static fn(Offer $offer): int => $offer->slot->start, $timetable->free()));
            self::assertEqualsCanonicalizing(
                array_diff($free, [Afternoon::at('16:15')]),
                array_column($timetable->nearestFree(Afternoon::at('16:15'), 9), 'start'),
            );
            // Seen by somebody else and back, nothing has changed.
            self::assertEquals(
                $timetable->offers(),
                $timetable->seenBy(Asker::host())->seenBy(Asker::anybody())->offers(),
            );
        });
    }

    public function test_it_can_be_booked_until_that_moment_and_no_longer(): void
    {
        $this->forAll(self::worlds())->then(static function (array $of): void {
            foreach (self::timetable($of)->offers() as $offer) {
                $last = self::timetable($of)->bookableUntil($offer->slot);
                $then = static fn(int $now): ?\Recess\Rules\State => self::timetable($of, $now)->offerAt(
                    $offer->slot->start,
                )?->verdict->state;
                self::assertNotContains($then($last), [\Recess\Rules\State::TooSoon, \Recess\Rules\State::Past]);
                self::assertNotSame(\Recess\Rules\State::Free, $then($last + 1));
            }
        });
    }

    public function test_an_unchanged_sheet_moves_nobody(): void
    {
        $this->forAll(self::worlds())->then(static function (array $of): void {
            $timetable = self::timetable($of);
            $booked = [];
            foreach ($timetable->offers() as $offer) {
                for ($n = 0; $n < $timetable->capacity($offer->slot)->taken; $n++) {
                    $booked[] = new Booked(count($booked), $offer->slot, 0);
                }
            }
            $effect = $timetable->effectOn($booked);
            self::assertCount(count($booked), $effect->stays);
            self::assertSame([[], [], []], [$effect->otherLength, $effect->otherPlace, $effect->left]);
        });
    }

    public function test_pages_of_dates_are_the_term_leaf_by_leaf(): void
    {
        $this->forAll(
            Generators::choose(0, 400),
            Generators::choose(1, 9),
            Generators::elements(Weekday::cases()),
            Generators::choose(1, 3),
        )->then(static function (int $offset, int $atMost, Weekday $day, int $every): void {
            $first = LocalDate::parse('2026-09-01');
            $hours = Hours::between(LocalTime::of(9), LocalTime::of(10));
            $sheet = Afternoon::sheet(
                more: [
                    'blocks' => [
                        Block::of(Weekly::on([$day], $first, null, $every), $hours, Cut::of(20)),
                        Block::of(
                            OnDates::of($first->plusDays($offset), $first->plusDays(3)),
                            Hours::between(LocalTime::of(22), LocalTime::of(24)),
                            Cut::of(30),
                        ),
                    ],
                ],
            );
            [$start, $end] = $sheet->reach($first);
            $all = self::days($sheet, DateRange::of($start, $end->plusDays(-1)));
            $read = [];
            for ($from = $start; $from !== null && count($read) <= count($all); $from = $later) {
                [$dates, $later] = $sheet->firstDates($from, $atMost, $first);
                $page = $dates === null ? [] : self::days($sheet, $dates);
                self::assertLessThanOrEqual($atMost, count($page));
                array_push($read, ...$page);
            }
            self::assertSame($all, $read);
            // What is over is left out, and what has not ended is not.
            $noon = $sheet->zone->instant($first->plusDays($offset), 12 * 60);
            [$ahead] = $sheet->firstDates($first, 1, $first->plusDays($offset), $noon);
            $coming = array_values(
                array_filter(
                    $all,
                    static fn(int $one): bool => $one > $first->day + $offset || $one === $first->day + $offset,
                ),
            );
            self::assertSame($coming[0] ?? null, $ahead?->first->day);
        });
    }

    /** @return list<int> day numbers on which there is something */
    private static function days(Sheet $sheet, DateRange $dates): array
    {
        return array_values(
            array_unique(
                array_map(
                    static fn(Pieces $pieces): int => $sheet->zone->dayAt($pieces->stretch->start),
                    $sheet->pieces($dates->first, $dates->last->plusDays(1)),
                ),
            ),
        );
    }

    public function test_a_world_of_some_dates_has_no_slots_on_others(): void
    {
        $sheet = Afternoon::sheet(
            more: [
                'blocks' => [
                    Block::of(
                        OnDates::of(LocalDate::parse('2026-12-03'), LocalDate::parse('2026-12-04')),
                        Hours::between(LocalTime::of(16), LocalTime::of(17)),
                        Cut::of(15),
                    ),
                ],
            ],
        );
        $day = Timetable::of($sheet, World::of(0, dates: DateRange::day(LocalDate::parse('2026-12-03'))));
        self::assertCount(4, $day->offers());
        self::assertNull($day->offerAt(Afternoon::at('16:00') + 86_400));
        self::assertNotNull(
            Timetable::of($sheet, World::of(Afternoon::at('00:00')))->offerAt(Afternoon::at('16:00') + 86_400),
        );
    }
}
