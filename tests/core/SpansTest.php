<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Recess\Time\Span;
use Recess\Time\Spans;

/** The algebra of spans against a model that has nothing to get wrong: a set of minutes. */
final class SpansTest extends TestCase
{
    use TestTrait;

    private const DAY = 200;

    public function test_union_subtract_and_overlap_are_those_of_sets_of_minutes(): void
    {
        $some = Generators::seq(Generators::tuple(Generators::choose(0, self::DAY - 1), Generators::choose(1, 40)));
        $this->forAll($some, $some, Generators::choose(0, self::DAY - 1), Generators::choose(1, 30))->then(function (
            array $a,
            array $b,
            int $at,
            int $long,
        ): void {
            [$one, $other] = [self::spans($a), self::spans($b)];
            [$ones, $others] = [self::minutes($one), self::minutes($other)];

            self::assertSame(self::sorted($ones + $others), self::sorted(self::minutes($one->union($other))));
            self::assertSame(
                self::sorted(array_diff_key($ones, $others)),
                self::sorted(self::minutes($one->subtract($other))),
            );
            self::assertSame(
                self::sorted(array_intersect_key($ones, $others)),
                self::sorted(self::minutes($one->overlap($other))),
            );
            self::assertSame(count($ones) * 60, $one->seconds());

            $asked = Span::of($at * 60, ($at + $long) * 60);
            self::assertSame(
                array_intersect_key($ones, array_flip(range($at, $at + $long - 1))) !== [],
                $one->touches($asked),
            );
            // Kept as the fewest spans: in order, and apart.
            foreach ([$one->union($other), $one->subtract($other), $one->overlap($other)] as $spans) {
                $last = -1;
                foreach ($spans->all() as $span) {
                    self::assertGreaterThan($last, $span->start);
                    $last = $span->end;
                }
            }
        });
    }

    /** @param  array<array{int, int}>  $pairs */
    private static function spans(array $pairs): Spans
    {
        return Spans::of(
            array_map(static fn(array $pair): Span => Span::of($pair[0] * 60, ($pair[0] + $pair[1]) * 60), $pairs),
        );
    }

    /** @return array<int, int> */
    private static function minutes(Spans $spans): array
    {
        $minutes = [];
        foreach ($spans->all() as $span) {
            for ($minute = intdiv($span->start, 60); $minute < intdiv($span->end, 60); $minute++) {
                $minutes[$minute] = $minute;
            }
        }

        return $minutes;
    }

    /**
     * @param  array<int, int>  $minutes
     * @return list<int>
     */
    private static function sorted(array $minutes): array
    {
        sort($minutes);

        return $minutes;
    }
}
