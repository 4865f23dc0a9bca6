<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Recess\Allotting\Allotment;
use Recess\Allotting\Allotter;
use Recess\Allotting\Evenings;
use Recess\Allotting\Family;
use Recess\Allotting\Host;
use Recess\Allotting\Why;
use Recess\Allotting\Wish;
use Recess\Fitting\Between;
use Recess\Records\Fields;
use Recess\Records\FittingReader;
use Recess\Records\RecordNotValid;
use Recess\Records\RoundReader;
use Recess\Rules\Travel;
use Recess\Time\Span;
use Recess\Time\Zone;
use Symfony\Component\Process\Process;

/** Times given to a round's wishes: that nobody is in two places, that what comes first has come first, and that no more could be given. */
final class AllotmentTest extends TestCase
{
    /**
     * COIN-OR CBC solves the same integer program, level by level (what is asked, families with at least one meeting, first
     * wishes, second and so on), on fifty rounds of 5 teachers and 40 families. The same
     * number in 48 of them and never more than one fewer is what was asked for; and no level is paid for with a later one.
     */
    public function test_a_solver_grants_no_more(): void
    {
        self::compare(
            array_map(
                static fn(int $seed): array => (new MadeUpRound($seed))->round(5, 12, 40, 3, $seed % 2 === 0),
                range(1, 50),
            ),
            48,
        );
    }

    /** The same where some are met for two times in a row; the solver's search is longer then, so the rounds are smaller. */
    public function test_nor_where_some_are_met_for_longer(): void
    {
        self::compare(
            array_map(
                static fn(int $seed): array => (new MadeUpRound($seed))->round(3, 8, 10, 3, $seed % 2 === 0, true),
                range(1, 6),
            ),
            6,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $tasks
     * @param  int  $alike  of how many the answer is the solver's
     */
    private static function compare(array $tasks, int $alike): void
    {
        // The solver works while we do.
        $solver = new Process(
            ['/usr/bin/python3', __DIR__ . '/Outside/allot.py'],
            input: implode("\n", array_map(json_encode(...), $tasks)) . "\n",
            timeout: 300,
        );
        $solver->start();
        $mine = array_map(self::allot(...), $tasks);
        $solver->wait();
        self::assertTrue($solver->isSuccessful(), $solver->getErrorOutput());
        $same = $sameByLevel = 0;
        foreach (array_values(array_filter(explode("\n", $solver->getOutput()))) as $i => $line) {
            [$most, $levels] = (array) json_decode($line, true);
            assert(is_array($levels));
            self::holds($tasks[$i], $mine[$i]);
            $granted = array_slice(self::byLevel($tasks[$i], $mine[$i]), 0, count($levels));
            // The second is families that have something.
            $all = array_sum($levels) - $levels[1];

            self::assertGreaterThanOrEqual($most, $mine[$i]->bound, 'the bound is one');
            self::assertGreaterThanOrEqual($all - 1, count($mine[$i]->given), "round $i");
            self::assertSame($levels[1], $granted[1], "round $i: nobody has nothing where all can have something");
            $same += count($mine[$i]->given) === $all ? 1 : 0;
            $sameByLevel += $granted === $levels ? 1 : 0;
        }
        self::assertGreaterThanOrEqual($alike, $same);
        self::assertGreaterThanOrEqual($alike, $sameByLevel, 'fairness is no worse');
    }

    /** A whole school in small: near what can be proven, the same each time, and other seeds are no excuse. */
    public function test_a_school_is_allotted_alike_each_time_and_nearly_as_well_as_can_be(): void
    {
        $task = (new MadeUpRound(7))->round(20, 24, 150, 4);
        $one = self::allot($task);
        self::holds($task, $one);

        self::assertEquals($one, self::allot($task));
        self::assertGreaterThanOrEqual(0.99 * $one->bound, count($one->given));
        self::assertGreaterThanOrEqual(0.99 * $one->bound, count(self::allot(['seed' => 2] + $task)->given));
        // Ended at once, what there is stands, and nobody is in two places.
        $ended = self::allot($task, static fn(int $granted): bool => $granted >= 40);
        self::holds($task, $ended);
        self::assertSame(40, count($ended->given));
    }

    public function test_what_is_pinned_stays_and_what_cannot_be_says_why(): void
    {
        $slot = static fn(int $minute): array => [
            sprintf('2026-03-10T16:%02d:00Z', $minute),
            sprintf('2026-03-10T16:%02d:00Z', $minute + 10),
        ];
        $window = [['2026-03-10T16:00:00Z', '2026-03-10T16:20:00Z']];
        $task = [
            'zone' => 'UTC',
            'walk' => ['default' => 5],
            'hosts' => [
                ['id' => 'a', 'place' => 'A', 'slots' => [$slot(0), $slot(10)]],
                ['id' => 'b', 'place' => 'B', 'slots' => [$slot(10)]],
                ['id' => 'c', 'place' => null, 'slots' => [$slot(40)]],
                ['id' => 'd', 'place' => null, 'slots' => [$slot(0)]],
            ],
            'families' => [
                [
                    'id' => 1,
                    'windows' => $window,
                    'wishes' => [
                        ['id' => 'w1', 'host' => 'a'],
                        ['id' => 'w2', 'host' => 'b', 'rank' => 2],
                        ['id' => 'w3', 'host' => 'c', 'rank' => 3],
                    ],
                ],
                [
                    'id' => 2,
                    'windows' => $window,
                    'wishes' => [['id' => 'w4', 'host' => 'a', 'rank' => 4, 'asked' => true]],
                ],
                [
                    'id' => 3,
                    'windows' => $window,
                    'wishes' => [
                        ['id' => 'w5', 'host' => 'a', 'rank' => 5],
                        ['id' => 'w6', 'host' => 'd', 'rank' => 6],
                    ],
                ],
                ['id' => 4, 'windows' => [], 'wishes' => [['id' => 'w7', 'host' => 'd']]],
            ],
        ];
        $pinned = self::allot($task, pinned: ['w4' => strtotime('2026-03-10T16:00:00Z')]);

        self::assertSame(['w1', 'w4', 'w6'], array_keys($pinned->given));
        self::assertSame(
            [
                'w2' => Why::Clashes,
                'w3' => Why::OutsideWindows,
                'w5' => Why::HostFull,
                'w7' => Why::OutsideWindows,
            ],
            $pinned->not,
        );
        self::assertSame(['4'], $pinned->withNone);
        self::assertSame(strtotime('2026-03-10T16:10:00Z'), $pinned->given['w1']->start);
    }

    /** Interpreters are people of the round: none is in two meetings, and whoever needs one is where one of their language is free. */
    public function test_no_interpreter_is_in_two_meetings(): void
    {
        $zone = Zone::of('Europe/Paris');
        $slot = static fn(int $n): Span => Span::of(1_800_000_000 + $n * 600, 1_800_000_600 + $n * 600);
        $evening = Span::of($slot(0)->start, $slot(5)->end);
        $hosts = array_map(static fn(string $id): Host => new Host($id, null, array_map($slot, range(0, 5))), [
            'a',
            'b',
            'c',
        ]);
        $families = [];
        foreach (range(1, 9) as $f) {
            $wishes = array_map(
                static fn(string $host): Wish => new Wish("$f$host", $host, 1, language: $f <= 4 ? 'fr' : null),
                ['a', 'b'],
            );
            $families[] = new Family("f$f", [$evening], $wishes);
        }
        $families[] = new Family('it', [$evening], [new Wish('it', 'c', 1, language: 'it')]);
        // One is there all evening, the other for the first half: nine meetings at most, and eight are wanted.
        $interpreters = ['fr' => [[$evening], [Span::of($slot(0)->start, $slot(2)->end)]]];
        $found = Allotter::allot(
            new Evenings($hosts, $families, new Between(new Travel(0)), $zone, $interpreters),
            1,
            2_000_000,
            static fn(): bool => false,
        );

        self::assertSame(Why::NoInterpreter, $found->not['it']);
        $at = [];
        foreach ($found->given as $id => $span) {
            if ((int) $id <= 4) {
                $at[$span->start] = ($at[$span->start] ?? 0) + 1;
            }
        }
        foreach ($at as $start => $meetings) {
            self::assertLessThanOrEqual($start < $slot(3)->start ? 2 : 1, $meetings);
        }
        // Twelve times of a and b, all of them given; who speaks French has as many as interpreters allow.
        self::assertCount(12, $found->given);
    }

    public function test_a_wish_for_somebody_who_is_not_in_the_round_is_named(): void
    {
        try {
            self::allot([
                'zone' => 'UTC',
                'hosts' => [],
                'families' => [['id' => 'f', 'windows' => [], 'wishes' => [['id' => 'w', 'host' => 'nobody']]]],
            ]);
            self::fail('it was read');
        } catch (RecordNotValid $failure) {
            self::assertSame(
                ['families[0].wishes[0].host' => 'There is no host “nobody” in this round.'],
                array_map(InEnglish::say(...), $failure->errors),
            );
        }
    }

    /** From the shell: JSON on standard output, 1 for what cannot be read, 2 for wrong use. */
    public function test_the_doors_from_the_shell(): void
    {
        $run = static function (array $arguments, string $input = ''): array {
            $process = new Process([dirname(__DIR__, 2) . '/bin/recess', ...$arguments], input: $input);
            $process->run();

            return [$process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
        };
        $round = (string) json_encode((new MadeUpRound(3))->round(4, 8, 12, 3));
        [$code, $out] = $run(['allot', '-'], $round);
        self::assertSame(
            [0, ['given', 'not', 'granted', 'bound', 'families_with_none']],
            [$code, array_keys((array) json_decode($out, true))],
        );
        self::assertSame($out, $run(['allot', '-'], $round)[1], 'the same file, the same answer');
        [$code, $out] = $run(['plan', '-'], (string) json_encode((new MadeUpRound(3))->family(3, 6)));
        self::assertSame(
            [0, ['plan', 'left', 'cost', 'best', 'bound']],
            [$code, array_keys((array) json_decode($out, true))],
        );
        self::assertSame(
            [2, 2, 1, 1],
            array_column(
                [$run(['plan']), $run(['allot', '-', '-']), $run(['plan', 'nowhere.json']), $run(['plan', '-'], '{')],
                0,
            ),
        );
        [$code, $out, $error] = $run(['plan', '-'], '{"zone": "UTC", "windows": [["soon", "later"]], "meetings": []}');
        self::assertSame([1, ''], [$code, $out]);
        self::assertStringContainsString('windows[0]: “soon” is not an instant', $error);
    }

    /**
     * @param  array<mixed>  $task
     * @param  \Closure(int, int): bool|null  $isOver
     * @param  array<string, int>  $pinned
     */
    private static function allot(array $task, ?\Closure $isOver = null, array $pinned = []): Allotment
    {
        $all = Fields::of($task);
        $hosts = RoundReader::hosts($all);
        $seed = $all->has('seed') ? $all->number('seed', 0, 9) : 0;

        return Allotter::allot(
            new Evenings(
                $hosts,
                RoundReader::families($all, $hosts),
                FittingReader::between($all),
                FittingReader::zone($all),
            ),
            $seed,
            10_000_000,
            $isOver ?? static fn(): bool => false,
            $pinned,
        );
    }

    /**
     * Each of the host's times once and within windows, no more on a date than the host bears, no family in two places.
     *
     * @param  array<mixed>  $task
     */
    private static function holds(array $task, Allotment $allotment): void
    {
        $all = Fields::of($task);
        $hosts = array_column(RoundReader::hosts($all), null, 'id');
        $between = FittingReader::between($all);
        $taken = $perDate = [];
        foreach (RoundReader::families($all, array_values($hosts)) as $family) {
            $meetings = [];
            foreach ($family->wishes as $wish) {
                $span = $allotment->given[$wish->id] ?? null;
                if ($span === null) {
                    continue;
                }
                $host = $hosts[$wish->host];
                $parts = array_filter($host->slots, static fn(Span $slot): bool => $slot->overlaps($span));
                self::assertCount($wish->times, $parts);
                self::assertSame(
                    [min(array_column($parts, 'start')), max(array_column($parts, 'end'))],
                    [$span->start, $span->end],
                );
                $around = static fn(Span $window): bool => $window->start <= $span->start && $span->end <= $window->end;
                self::assertNotEmpty(array_filter($family->windows, $around));
                foreach ($parts as $part) {
                    $taken[] = "$host->id $part->start";
                }
                $date = FittingReader::zone($all)->dayAt($span->start);
                $perDate["$host->id $date"] = ($perDate["$host->id $date"] ?? 0) + 1;
                self::assertLessThanOrEqual($host->most ?? PHP_INT_MAX, $perDate["$host->id $date"]);
                foreach ($meetings as [$other, $place]) {
                    $way = $between->seconds($host->place, $place);
                    self::assertFalse($other->widened($way, $way)->overlaps($span), "family $family->id");
                }
                $meetings[] = [$span, $host->place];
            }
        }
        self::assertSame($taken, array_values(array_unique($taken)));
    }

    /**
     * @param  array<mixed>  $task
     * @return list<int> what is compared: asked, families that have something, then by rank
     */
    private static function byLevel(array $task, Allotment $allotment): array
    {
        $all = Fields::of($task);
        $levels = array_fill(0, 20, 0);
        $some = 0;
        foreach (RoundReader::families($all, RoundReader::hosts($all)) as $family) {
            $before = array_sum($levels);
            foreach ($family->wishes as $wish) {
                $levels[$wish->level()] += isset($allotment->given[$wish->id]) ? 1 : 0;
            }
            $some += array_sum($levels) > $before ? 1 : 0;
        }

        return [$levels[0], $some, ...array_slice($levels, 1)];
    }
}
