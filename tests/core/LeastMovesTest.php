<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Changes\Displaced;
use Recess\Changes\LeastMoves;
use Recess\Changes\Stead;
use Recess\Fitting\Between;
use Recess\Rules\Travel;
use Recess\Time\Span;

/** A teacher falls ill: as many as possible meet at another time, moved as little as can be, and nobody is in two places. */
final class LeastMovesTest extends TestCase
{
    /** Against every way there is, on made-up evenings of three families with up to four meetings. */
    public function test_no_way_places_more_or_moves_less(): void
    {
        $between = new Between(new Travel(5));
        foreach (range(1, 300) as $seed) {
            $displaced = self::madeUp(new Randomizer(new Mt19937($seed)));
            $found = LeastMoves::find($displaced, $between);
            self::assertTrue(self::holds($displaced, $found, $between), "evening $seed");
            [$most, $least] = self::best($displaced, $between);
            self::assertCount($most, array_filter($found), "evening $seed");
            self::assertSame($least, self::cost($displaced, $found), "evening $seed");
        }
    }

    public function test_the_same_person_a_little_later_comes_before_somebody_else_at_once(): void
    {
        $at = static fn(int $minute): Span => Span::of($minute * 60, ($minute + 10) * 60);
        $one = new Displaced('a', 'ill', $at(0), [new Stead('ill', null, $at(50)), new Stead('other', null, $at(0))]);
        $two = new Displaced('b', 'ill', $at(10), [new Stead('ill', null, $at(80)), new Stead('other', null, $at(10))]);
        $found = LeastMoves::find([$one, $two, new Displaced('c', 'ill', $at(20), [])], new Between(new Travel(5)));

        self::assertSame(['ill', 'other', null], array_map(static fn(?Stead $stead): ?string => $stead?->host, $found));
    }

    /** @return list<Displaced> */
    private static function madeUp(Randomizer $chance): array
    {
        $displaced = [];
        foreach (range(1, $chance->getInt(2, 4)) as $i) {
            $steads = [];
            $times = $chance->getInt(1, 2);
            foreach ($chance->pickArrayKeys(range(0, 7), $chance->getInt(1, 4)) as $slot) {
                $host = ['ill', 'x', 'y'][$chance->getInt(0, 2)];
                // Some meetings take two times in a row.
                $steads[] = new Stead($host, "room $host", Span::of($slot * 600, $slot * 600 + 600 * $times));
            }
            $displaced[] = new Displaced(
                'family ' . $chance->getInt(1, 3),
                'ill',
                Span::of($i * 600, $i * 600 + 600),
                $steads,
            );
        }

        return $displaced;
    }

    /**
     * @param  list<Displaced>  $displaced
     * @return array{int, int} the most that can be placed, and what that costs at least
     */
    private static function best(array $displaced, Between $between): array
    {
        $ways = [[]];
        foreach ($displaced as $one) {
            $ways = array_merge(
                ...array_map(
                    static fn(array $way): array => array_map(static fn(?Stead $stead): array => [...$way, $stead], [
                        null,
                        ...$one->steads,
                    ]),
                    $ways,
                ),
            );
        }
        $best = [0, 0];
        foreach ($ways as $way) {
            $placed = count(array_filter($way));
            $cost = self::cost($displaced, $way);
            if (
                self::holds($displaced, $way, $between) &&
                ($placed > $best[0] || ($placed === $best[0] && $cost < $best[1]))
            ) {
                $best = [$placed, $cost];
            }
        }

        return $best;
    }

    /**
     * @param  list<Displaced>  $displaced
     * @param  array<int, Stead|null>  $found
     */
    private static function holds(array $displaced, array $found, Between $between): bool
    {
        foreach ($found as $a => $first) {
            foreach ($found as $b => $second) {
                if ($b <= $a || $first === null || $second === null) {
                    continue;
                }
                $gap =
                    $displaced[$a]->family === $displaced[$b]->family
                        ? $between->seconds($first->place, $second->place)
                        : 0;
                $together = $displaced[$a]->family === $displaced[$b]->family || $first->host === $second->host;
                if (
                    $together &&
                    $first->span->start < $second->span->end + $gap &&
                    $second->span->start < $first->span->end + $gap
                ) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<Displaced>  $displaced
     * @param  array<int, Stead|null>  $found
     */
    private static function cost(array $displaced, array $found): int
    {
        return array_sum(
            array_map(
                static fn(Displaced $one, ?Stead $stead): int => $stead === null ? 0 : LeastMoves::cost($one, $stead),
                $displaced,
                $found,
            ),
        );
    }
}
