<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Fitting\Between;
use Recess\Fitting\Coming;
use Recess\Fitting\Cost;
use Recess\Fitting\Left;
use Recess\Fitting\Plan;
use Recess\Fitting\Planner;
use Recess\Fitting\Wanted;
use Recess\Records\Fields;
use Recess\Records\FittingReader;
use Recess\Records\RecordNotValid;
use Recess\Rules\Travel;
use Recess\Time\Span;
use Tests\Core\Outside\Reference;

/** A family's plan: that it holds what it has to, and that none is better. */
final class PlanTest extends TestCase
{
    /** COIN-OR CBC solves the same integer program: as many meetings, then each cost as small as it can be, in the order preferred. */
    public function test_a_solver_finds_none_that_is_better(): void
    {
        $tasks = array_map(
            static fn(int $seed): array => (new MadeUpRound($seed))->family(3 + ($seed % 3), 6 + ($seed % 3)),
            range(1, 150),
        );
        $found = Reference::ask(['/usr/bin/python3', __DIR__ . '/Outside/plan.py'], $tasks);
        $left = 0;
        foreach ($tasks as $i => $task) {
            $plan = self::plan($task);
            $left += count($plan->left);

            self::assertSame($found[$i], [count($plan->meetings), self::costs($plan->cost, $task)], "family $i");
            self::assertTrue($plan->best);
        }
        self::assertGreaterThan(10, $left, 'some could not have all');
    }

    /** Both ways of looking, against every plan there is. */
    public function test_all_plans_of_small_families_are_no_better(): void
    {
        foreach (range(1, 150) as $seed) {
            $task = (new MadeUpRound(1_000 + $seed))->family(3, 4);
            $all = Fields::of($task);
            [$wanted, $windows] = [FittingReader::wanted($all), $all->spans('windows', 9)];
            [$between, $zone] = [FittingReader::between($all), FittingReader::zone($all)];
            $best = [0, [0, 0, 0]];
            foreach (
                self::combinations(array_map(static fn(Wanted $one): array => [null, ...$one->slots], $wanted))
                as $choice
            ) {
                $held = array_filter($choice);
                if (self::isPossible($held, $wanted, $windows, $between)) {
                    $best = min($best, [-count($held), self::costs(Cost::of($held, $zone), $task)]);
                }
            }
            $plan = self::plan($task);

            self::assertSame($best, [-count($plan->meetings), self::costs($plan->cost, $task)], "family $seed");
        }
    }

    /** Larger ones are branched over; the table, which knows nothing of that, says the same. What was not proven in time says how far it may be off. */
    public function test_both_ways_of_looking_agree_and_a_bound_is_true(): void
    {
        $unproven = 0;
        foreach (range(1, 6) as $seed) {
            $task = (new MadeUpRound(2_000 + $seed))->family(12, 11);
            $steps = 0;
            $short = self::plan($task, static function () use (&$steps): bool {
                return ++$steps > 40;
            });
            $long = self::plan($task);
            self::assertTrue($long->best);
            $unproven += $short->best ? 0 : 1;
            $key = static fn(int $meetings, Cost $cost): array => [-$meetings, self::costs($cost, $task)];

            self::assertLessThanOrEqual(
                $key(count($long->meetings), $long->cost),
                $key($short->mostMeetings, $short->bound),
            );
            self::assertGreaterThanOrEqual(
                $key(count($long->meetings), $long->cost),
                $key(count($short->meetings), $short->cost),
            );
            self::assertNotSame([], $short->meetings);
        }
        self::assertGreaterThan(0, $unproven);
    }

    /** Conference meetings of 10 minutes, 5 between: common practice, no published source. */
    public function test_why_a_meeting_is_not_in_the_plan(): void
    {
        $plan = self::plan([
            'zone' => 'America/Halifax',
            'walk' => ['default' => 5],
            'windows' => [['2026-03-10T16:00:00-03:00', '2026-03-10T17:00:00-03:00']],
            'meetings' => [
                [
                    'id' => 'tavares',
                    'place' => 'Room 12',
                    'slots' => [['2026-03-10T16:15:00-03:00', '2026-03-10T16:25:00-03:00']],
                ],
                [
                    'id' => 'le',
                    'place' => 'Room 3',
                    'slots' => [
                        ['2026-03-10T16:25:00-03:00', '2026-03-10T16:35:00-03:00'],
                        ['2026-03-10T17:10:00-03:00', '2026-03-10T17:20:00-03:00'],
                    ],
                ],
                [
                    'id' => 'okafor',
                    'place' => null,
                    'slots' => [['2026-03-10T18:00:00-03:00', '2026-03-10T18:10:00-03:00']],
                ],
                ['id' => 'nobody', 'place' => null, 'slots' => []],
                [
                    'id' => 'phone',
                    'place' => null,
                    'slots' => [['2026-03-10T16:25:00-03:00', '2026-03-10T16:35:00-03:00']],
                ],
            ],
        ]);
        $said = array_map(
            static fn(Left $left): array => [
                $left->id,
                $left->why->value,
                $left->with,
                $left->otherwise === null ? '' : gmdate('H:i', $left->otherwise->start - 10_800),
            ],
            $plan->left,
        );

        self::assertSame(['tavares', 'phone'], array_keys($plan->meetings), 'nobody walks to the phone');
        self::assertSame(
            [
                ['le', 'clashes', ['tavares', 'phone'], '17:10'],
                ['okafor', 'outside-windows', [], '18:00'],
                ['nobody', 'nothing-free', [], ''],
            ],
            $said,
        );
        self::assertEquals(new Cost(1, (16 * 60 + 35) * 60, 0), $plan->cost);
    }

    /** Dates and being home are those of the clock on the wall: Lord Howe's clocks go forward by half an hour (tz database). */
    public function test_home_is_read_off_the_clock(): void
    {
        $meeting = [
            'id' => 1,
            'place' => null,
            'slots' => [['2026-10-04T05:00:00+11:00', '2026-10-04T05:10:00+11:00']],
        ];
        $plan = self::plan([
            'zone' => 'Australia/Lord_Howe',
            'windows' => [['2026-10-03T00:00:00Z', '2026-10-05T00:00:00Z']],
            'meetings' => [$meeting],
        ]);

        self::assertEquals(new Cost(1, 310 * 60, 0), $plan->cost);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $task = ['zone' => 'UTC', 'windows' => [], 'meetings' => []];
        $meeting = ['id' => 'a', 'place' => null, 'slots' => []];
        yield 'no zone' => [['zone' => 'Moon/Sea'] + $task, 'zone'];
        yield 'no meetings' => [array_diff_key($task, ['meetings' => 1]), 'meetings'];
        $backwards = ['slots' => [['2026-03-10T17:00:00Z', '2026-03-10T16:00:00Z']]] + $meeting;
        yield 'a slot that ends first' => [['meetings' => [$backwards]] + $task, 'meetings[0].slots[0]'];
        yield 'a day that there is not' => [
            ['windows' => [['2026-02-30T17:00:00Z', '2026-03-10T16:00:00Z']]] + $task,
            'windows[0]',
        ];
        yield 'no offset' => [['windows' => [['2026-02-20T17:00:00', '2026-03-10T16:00:00Z']]] + $task, 'windows[0]'];
        yield 'one id for two' => [['meetings' => [$meeting, $meeting]] + $task, 'meetings[1].id'];
        yield 'a way of half a minute' => [['walk' => ['default' => 0.5]] + $task, 'walk.default'];
        yield 'a way said in two ways' => [
            ['walk' => ['pairs' => [['A', 'B', 1], ['B', 'A', 2]]]] + $task,
            'walk.pairs[1]',
        ];
        yield 'what nobody can prefer' => [['prefer' => ['home', 'home']] + $task, 'prefer[1]'];
        yield 'two hundred meetings' => [
            ['meetings' => array_map(static fn(int $i): array => ['id' => $i] + $meeting, range(1, 150))] + $task,
            'meetings',
        ];
        yield 'a list' => [[1], '(all)'];
    }

    /** @param  array<mixed>  $task */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_read_is_named(array $task, string $place): void
    {
        try {
            self::plan($task);
            self::fail('it was read');
        } catch (RecordNotValid $failure) {
            self::assertSame([$place], array_keys($failure->errors));
        }
    }

    /**
     * @param  array<mixed>  $task
     * @param  \Closure(): bool|null  $isOver
     */
    private static function plan(array $task, ?\Closure $isOver = null): Plan
    {
        $all = Fields::of($task);

        return Planner::plan(
            new Coming(
                FittingReader::wanted($all),
                $all->spans('windows', 200),
                FittingReader::between($all),
                FittingReader::zone($all),
            ),
            FittingReader::prefer($all),
            $isOver ?? static fn(): bool => false,
        );
    }

    /**
     * @param  array<mixed>  $task
     * @return list<int> dates and minutes
     */
    private static function costs(Cost $cost, array $task): array
    {
        $by = [
            'evenings' => $cost->evenings,
            'home' => intdiv($cost->home, 60),
            'waiting' => intdiv($cost->waiting, 60),
        ];
        assert(is_array($task['prefer']));

        return array_map(static fn(string $name): int => $by[$name], $task['prefer']);
    }

    /**
     * @param  list<list<Span|null>>  $choices
     * @return iterable<list<Span|null>>
     */
    private static function combinations(array $choices): iterable
    {
        if ($choices === []) {
            yield [];

            return;
        }
        foreach (self::combinations(array_slice($choices, 1)) as $rest) {
            foreach ($choices[0] as $one) {
                yield [$one, ...$rest];
            }
        }
    }

    /**
     * @param  array<int, Span>  $held
     * @param  list<Wanted>  $wanted
     * @param  list<Span>  $windows
     */
    private static function isPossible(array $held, array $wanted, array $windows, Between $between): bool
    {
        foreach ($held as $m => $span) {
            if (
                array_filter(
                    $windows,
                    static fn(Span $window): bool => $window->start <= $span->start && $span->end <= $window->end,
                ) === []
            ) {
                return false;
            }
            foreach ($held as $other => $its) {
                $gap = $between->seconds($wanted[$m]->place, $wanted[$other]->place);
                if ($m !== $other && $span->start < $its->end + $gap && $its->start < $span->end + $gap) {
                    return false;
                }
            }
        }

        return true;
    }

    /** A number for the school, for two rooms, and for all rooms of two buildings; of several the one that says most. */
    public function test_ways_between_buildings_and_floors(): void
    {
        $travel = new Travel(
            5,
            ['Gym' => ['Room 7' => 1]],
            [
                ['from' => 'Gym', 'to' => 'Room', 'minutes' => 12],
                ['from' => 'room 2', 'to' => 'Gym', 'minutes' => 15],
                ['from' => 'Room 2', 'to' => 'Room 2', 'minutes' => 0],
            ],
        );
        $expected = [
            ['Room 3', 'Room 4', 5],
            ['Gym', 'Room 7', 1],
            ['Room 8', 'Gym', 12],
            ['Gym, court 2', 'Room 204', 15],
            ['Room 201', 'Room 230', 0],
            ['Gym', 'Gym', 0],
            ['Gym', null, 0],
        ];
        foreach ($expected as [$from, $to, $minutes]) {
            self::assertSame($minutes, $travel->minutes($from, $to), "$from to $to");
        }
    }
}
