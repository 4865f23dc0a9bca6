<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Asker;
use Recess\Held;
use Recess\Hosts;
use Recess\Rules\Because;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;
use Recess\Rules\Reason;
use Recess\Rules\Rulebook;
use Recess\Rules\SheetIs;
use Recess\Rules\State;
use Recess\Rules\Stated;
use Recess\Rules\Travel;
use Recess\Time\Spans;
use Recess\Timetable;
use Recess\World;

/** What the judge says of four slots, by the rules and by what is known of the world. */
final class RulesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function moments(): iterable
    {
        // Least notice 24 h: common practice, no published source.
        yield 'two days before' => ['2026-12-01T12:00:00Z', 'free, free, free, free'];
        yield 'to the second 24 h before the first' => ['2026-12-02T16:00:00Z', 'free, free, free, free'];
        yield 'a second later' => ['2026-12-02T16:00:01Z', 'too soon, free, free, free'];
        yield 'on the day' => ['2026-12-03T15:59:59Z', 'too soon, too soon, too soon, too soon'];
        yield 'as the first begins' => ['2026-12-03T16:00:00Z', 'past, too soon, too soon, too soon'];
        yield 'afterwards' => ['2026-12-03T18:00:00Z', 'past, past, past, past'];
    }

    #[DataProvider('moments')]
    public function test_lead_and_past(string $now, string $states): void
    {
        self::assertSame(
            $states,
            Afternoon::states(
                Timetable::of(Afternoon::sheet(['lead_minutes' => 1440]), World::of((int) strtotime($now))),
            ),
        );
    }

    public function test_a_group_slot_for_five_closes_at_the_fifth_booking(): void
    {
        // Common practice, no published source.
        $with = static fn(int $seats): Timetable => Timetable::of(
            Afternoon::sheet(['seats' => 5]),
            World::of(Afternoon::at('00:00'), [new Held(1, Afternoon::slot('16:15'), $seats)]),
        );
        self::assertSame('free, free, free, free', Afternoon::states($with(4)));
        self::assertSame([5, 1, 4], array_values(get_object_vars($with(4)->capacity(Afternoon::slot('16:15')))));
        self::assertSame('free, taken, free, free', Afternoon::states($with(5)));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function busy(): iterable
    {
        // Common practice, no published source: a busy half hour over 15-minute slots takes out 2.
        yield 'half an hour on the marks' => ['16:15', '16:45', 'free, busy, busy, free'];
        yield 'a minute into the next' => ['16:15', '16:46', 'free, busy, busy, busy'];
        yield 'only touching' => ['15:00', '16:00', 'free, free, free, free'];
        yield 'all of it' => ['15:00', '18:00', 'busy, busy, busy, busy'];
    }

    #[DataProvider('busy')]
    public function test_busy_time_takes_out_what_it_touches_and_moves_nothing(
        string $from,
        string $until,
        string $states,
    ): void {
        $busy = Afternoon::span($from, $until);
        self::assertSame(
            $states,
            Afternoon::states(
                Timetable::of(Afternoon::sheet(), World::of(Afternoon::at('00:00'), busy: [1 => Spans::of([$busy])])),
            ),
        );
        // So does a booking on another sheet, one of this sheet that no slot has any more, and a colleague who has to be there.
        self::assertSame(
            $states,
            Afternoon::states(
                Timetable::of(Afternoon::sheet(), World::of(Afternoon::at('00:00'), [new Held(1, $busy, ours: false)])),
            ),
        );
        self::assertSame(
            $states,
            Afternoon::states(
                Timetable::of(Afternoon::sheet(), World::of(Afternoon::at('00:00'), [new Held(1, $busy)])),
            ),
        );
        $together = Afternoon::sheet(more: ['hosts' => Hosts::of(1, must: [2])]);
        self::assertSame(
            $states,
            Afternoon::states(
                Timetable::of($together, World::of(Afternoon::at('00:00'), [new Held(2, $busy, ours: false)])),
            ),
        );
    }

    public function test_whoever_joins_a_meeting_makes_it_no_more_meetings_and_a_full_day_is_each_hosts_own(): void
    {
        $held = [new Held(1, Afternoon::slot('16:15'), 1), new Held(1, Afternoon::span('09:00', '09:30'), ours: false)];
        $group = Timetable::of(
            Afternoon::sheet(['seats' => 3, 'per_day' => 2]),
            World::of(Afternoon::at('00:00'), $held),
        );
        self::assertSame(
            'taken, free, taken, taken',
            Afternoon::states($group),
            'Two meetings are enough, and the second of them has room.',
        );
        self::assertSame(Because::DayFull, $group->offerAt(Afternoon::at('16:00'))?->verdict->reasons[0]->because);
        $either = Timetable::of(
            Afternoon::sheet(['per_day' => 2], ['hosts' => Hosts::of(1, anyOne: [2])]),
            World::of(Afternoon::at('00:00'), $held),
        );
        self::assertSame('free, free, free, free', Afternoon::states($either));
        self::assertSame([2], $either->hostsFor(Afternoon::slot('16:00')), 'The other one can bear some more.');
    }

    public function test_of_several_hosts_one_is_enough_and_each_has_the_seats_of_the_slot(): void
    {
        $sheet = Afternoon::sheet(
            ['seats' => 2],
            ['hosts' => Hosts::of(1, anyOne: [2, 3]), 'seatsAdded' => [Afternoon::at('16:30') => 1]],
        );
        $timetable = Timetable::of(
            $sheet,
            World::of(Afternoon::at('00:00'), [
                new Held(1, Afternoon::slot('16:00'), 2),
                new Held(2, Afternoon::slot('16:00'), 1),
                new Held(3, Afternoon::span('16:00', '16:40'), ours: false),
                new Held(1, Afternoon::slot('16:30'), 2),
            ]),
        );
        self::assertSame(
            [[6, 1, 3], [6, 4, 0], [9, 4, 2]],
            array_map(
                static fn(string $time): array => array_values(
                    get_object_vars($timetable->capacity(Afternoon::slot($time))),
                ),
                ['16:00', '16:15', '16:30'],
            ),
        );
        self::assertSame(
            [[2], [1, 2], [1, 2], [1, 2, 3]],
            array_map(static fn(string $time): array => $timetable->hostsFor(Afternoon::slot($time)), [
                '16:00',
                '16:15',
                '16:30',
                '16:45',
            ]),
        );
        self::assertSame([], $timetable->hostsFor(Afternoon::slot('16:00'), 3));
        self::assertSame(
            [Afternoon::at('16:45')],
            array_column($timetable->nearestFree(Afternoon::at('16:00'), 5, host: 3), 'start'),
        );
        // Each is busy for a part of it, and nobody for all: still nobody can take it.
        $parts = World::of(Afternoon::at('00:00'), [
            new Held(1, Afternoon::span('16:00', '16:05'), ours: false),
            new Held(2, Afternoon::span('16:10', '16:15'), ours: false),
        ]);
        self::assertSame(
            'busy, free, free, free',
            Afternoon::states(Timetable::of(Afternoon::sheet(more: ['hosts' => Hosts::of(1, anyOne: [2])]), $parts)),
        );
    }

    public function test_several_reasons_hold_and_the_most_useful_is_given(): void
    {
        $offers = Timetable::of(
            Afternoon::sheet(['lead_minutes' => 60]),
            World::of(Afternoon::at('16:20'), [new Held(1, Afternoon::slot('16:00'))]),
        )->offers();
        self::assertSame(
            [State::Past, State::Taken, State::TooSoon],
            array_column($offers[0]->verdict->reasons, 'state'),
        );
        self::assertSame(
            ['past', 'past', 'too soon', 'too soon'],
            array_map(static fn($offer): string => $offer->verdict->state->value, $offers),
        );
    }

    public function test_waiting_helps_until_the_last_reason_is_gone(): void
    {
        $sheet = Afternoon::sheet(['furthest_days' => 30, 'opens_at' => '2026-11-20T18:00']);
        $early = (int) strtotime('2026-10-01T00:00:00Z');
        $verdict = Timetable::of($sheet, World::of($early))->offers()[0]->verdict;
        self::assertSame([Because::NotOpenYet, Because::TooFarAhead], array_column($verdict->reasons, 'because'));
        self::assertSame((int) strtotime('2026-11-20T18:00:00Z'), $verdict->changesAt());
        $taken = Timetable::of($sheet, World::of($early, [new Held(1, Afternoon::slot('16:00'))]))->offers()[0]
            ->verdict;
        self::assertSame(Because::NoSeat, $taken->reasons[0]->because);
        self::assertNull($taken->changesAt());
    }

    public function test_what_an_asker_hears_is_about_them_and_a_host_may_pass_over_their_own_rules(): void
    {
        $sheet = Afternoon::sheet(
            ['per_visitor' => 1, 'lead_minutes' => 1440],
            ['places' => [7 => 'Room 12', 8 => null], 'travel' => new Travel(5), 'shut' => SheetIs::paused()],
        );
        $claims = new Claims(1, [new Engagement(Afternoon::span('16:10', '16:20'), 'Room 3')]);
        $asked = Timetable::of($sheet, World::of(Afternoon::at('12:00'), asker: Asker::known($claims, new Claims())));
        self::assertSame(
            [Because::SheetPaused, Because::TooSoon, Because::VisitorHasEnough, Because::VisitorElsewhere],
            array_map(static fn(Reason $one): Because => $one->because, $asked->offers()[1]->verdict->reasons),
        );
        self::assertSame(
            [8],
            $asked->placesFor(Afternoon::slot('16:15')) === []
                ? $asked->placesFor(Afternoon::span('16:20', '16:35'))
                : [],
            'By phone at once; from room to room it takes five minutes.',
        );
        self::assertSame(
            [false, false, true, true],
            array_map(static fn($offer): bool => $offer->verdict->hostMayPass(), $asked->offers()),
            'Nobody passes over where people are.',
        );
        self::assertSame('too soon, too soon, too soon, too soon', Afternoon::states($asked->seenBy(Asker::host())));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> rules, and the last instant at which 16:00 can be booked */
    public static function lasts(): iterable
    {
        yield 'until it begins' => [[], '2026-12-03T15:59:59Z'];
        yield 'so many minutes before' => [['lead_minutes' => 90], '2026-12-03T14:30:00Z'];
        yield 'until a clock time of the day before' => [
            ['lead_days' => 1, 'lead_by' => '08:00'],
            '2026-12-02T08:00:00Z',
        ];
        yield 'the clock time overrules the minutes' => [
            ['lead_minutes' => 1440, 'lead_days' => 0, 'lead_by' => '08:00'],
            '2026-12-03T08:00:00Z',
        ];
        yield 'until it closes for all' => [
            ['lead_minutes' => 90, 'closes_at' => '2026-12-01T12:00'],
            '2026-12-01T11:59:59Z',
        ];
    }

    /** @param  array<string, mixed>  $rules */
    #[DataProvider('lasts')]
    public function test_until_when_a_slot_can_be_booked_is_the_moment_before_it_cannot(
        array $rules,
        string $last,
    ): void {
        $sheet = Afternoon::sheet($rules);
        $last = (int) strtotime($last);
        self::assertSame(
            $last,
            Timetable::of($sheet, World::of(Afternoon::at('00:00')))->bookableUntil(Afternoon::slot('16:00')),
        );
        self::assertSame(
            [true, false],
            array_map(
                static fn(int $now): bool => Timetable::of($sheet, World::of($now))->offers()[0]->verdict->isFree(),
                [$last, $last + 1],
            ),
        );
    }

    public function test_every_field_of_the_rulebook_is_kept_within_its_bounds_and_read_as_it_was_written(): void
    {
        $usual = Stated::of();
        self::assertSame($usual->toArray(), Stated::of($usual->toArray())->toArray());
        self::assertSame(
            ['type' => ['integer', 'null'], 'minimum' => 1, 'maximum' => 100, 'default' => null],
            Rulebook::schema()['properties']['per_student'],
        );
        foreach (Rulebook::terms() as $term) {
            foreach (
                [null, '', 'x', -1, 999_999, [], [7, 'x', 999_999], ['a' => []], true, 1.5, "\0", '2026-99-99T99:99']
                as $odd
            ) {
                $kept = Stated::of([$term->name => $odd])->toArray();
                self::assertSame($kept, Stated::of($kept)->toArray(), $term->name . ' of ' . json_encode($odd));
            }
        }
        $odd = Stated::of([
            'seats' => 999,
            'reminders' => [5, 'x', 5, 99_999],
            'lead_minutes' => 30,
            'lead_days' => 2,
            'link_shown' => 'never',
            'lead_by' => '25:00',
            'opens_at' => 'soon',
        ]);
        self::assertSame(
            [500, [20_160, 5], null, 2, 'booked', '08:00', null],
            array_map(static fn(string $field) => $odd->toArray()[$field], [
                'seats',
                'reminders',
                'lead_minutes',
                'lead_days',
                'link_shown',
                'lead_by',
                'opens_at',
            ]),
        );
        $this->expectExceptionMessage('The rule “seats” is not yes or no.');
        $usual->yes('seats');
    }
}
