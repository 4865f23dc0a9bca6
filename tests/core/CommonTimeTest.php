<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Recess\Calendars\FreeBusy;
use Recess\Common\CommonTime;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Tests\Core\Outside\Reference;

/** Common free time of several people, within windows, for a length, on a grid. */
final class CommonTimeTest extends TestCase
{
    use TestTrait;

    private const DAY = 300;

    /** The model has nothing to get wrong: it looks at every minute of every meeting that could be. */
    public function test_it_is_what_a_look_at_every_minute_finds(): void
    {
        $some = Generators::seq(Generators::tuple(Generators::choose(0, self::DAY), Generators::choose(1, 70)));
        $this->forAll($some, $some, $some, Generators::elements([1, 5, 10, 15, 20]), Generators::choose(1, 60))->then(function (array $windows, array $one, array $other, int $grid, int $length): void {
            $common = CommonTime::of(self::spans($windows), [self::spans($one), self::spans($other)], $grid);
            $free = array_diff_key(self::minutes($windows), self::minutes($one) + self::minutes($other));
            $whole = static fn (int $cell): bool => array_diff_key(array_flip(range($cell, $cell + $grid - 1)), $free) === [];
            $starts = [];
            for ($start = 0; $start <= 2 * self::DAY; $start += $grid) {
                $cells = array_map(static fn (int $i): int => $start + $i * $grid, range(0, intdiv($length - 1, $grid)));
                if (count(array_filter($cells, $whole)) === count($cells)) {
                    $starts[] = $start * 60;
                }
            }

            self::assertSame($starts, $common->starts($length));
            foreach ($starts as $start) {
                self::assertTrue($common->holds(Span::of($start, $start + $length * 60)));
                self::assertFalse($grid > 1 && $common->holds(Span::of($start + 60, $start + 60 + $length * 60)), 'off the grid');
            }
            $near = array_map(static fn (Span $span): int => $span->start, $common->nearest(6_000, $length, 3));
            $far = array_diff($starts, $near);
            self::assertCount(min(3, count($starts)), $near);
            self::assertTrue($near === [] || $far === [] || max(array_map(static fn (int $at): int => abs($at - 6_000), $near)) <= min(array_map(static fn (int $at): int => abs($at - 6_000), $far)));
        });
    }

    /** What each is busy with goes out as VFREEBUSY (RFC 5545, 3.6.4); python-icalendar reads all of it and looks for the common quarters by itself. */
    public function test_python_icalendar_finds_the_same_in_everybodys_vfreebusy(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(14));
        $questions = $expected = [];
        foreach (range(1, 25) as $ignored) {
            $day = Span::of(1_795_600_800, 1_795_600_800 + 36_000);
            $people = array_map(static fn (): Spans => Spans::of(array_map(static function () use ($random, $day): Span {
                $start = $day->start + 60 * $random->getInt(0, 560);

                return Span::of($start, $start + 60 * $random->getInt(3, 80));
            }, range(1, 5))), range(1, $random->getInt(1, 4)));
            $questions[] = [
                'texts' => array_map(static fn (Spans $busy): string => FreeBusy::write($day, array_map(static fn (Span $span): array => [$span, false], $busy->all()), 'someone', $day->start), $people),
                'from' => $day->start, 'until' => $day->end, 'minutes' => $length = $random->getInt(1, 3) * 15,
            ];
            $expected[] = CommonTime::of(Spans::of([$day]), $people)->starts($length);
        }

        self::assertSame($expected, Reference::ask(['/usr/bin/python3', __DIR__.'/Outside/common_time.py'], $questions));
        self::assertGreaterThan(100, count(array_merge(...$expected)), 'common times there were');
    }

    /** Advising meetings last 30 minutes, shrunk to 15 where the day is full: common practice, no published source. */
    public function test_half_an_hour_that_does_not_fit_fits_as_a_quarter(): void
    {
        $zone = Zone::of('America/Halifax');
        $at = static fn (string $clock): int => $zone->instant(LocalDate::parse('2026-12-03'), 60 * (int) $clock + (int) substr($clock, 3));
        $common = CommonTime::of(Spans::of([Span::of($at('08:00'), $at('10:00'))]), [Spans::of([Span::of($at('08:20'), $at('09:40'))])]);

        self::assertSame([], $common->starts(30));
        self::assertSame([$at('08:00'), $at('09:45')], $common->starts(15), 'and 08:15 is lost to what begins at 08:20');
        self::assertSame([15, 0, 15, 0], array_map($common->longestAt(...), [$at('08:00'), $at('08:15'), $at('09:45'), $at('09:50')]));
    }

    /** The quarters of the clock lie on the grid wherever the tz database puts a zone: also at a quarter past the hour, and where clocks change by half an hour. */
    public function test_quarters_of_the_clock_in_every_zone(): void
    {
        foreach (\DateTimeZone::listIdentifiers() as $name) {
            $zone = Zone::of($name);
            foreach (['2026-07-01', '2027-01-01'] as $date) {
                $day = $zone->day(LocalDate::parse($date));
                self::assertSame(0, $zone->timeAt(CommonTime::of(Spans::of([Span::of($day->start + 36_001, $day->end)]), [])->starts(15)[0])->minute % 15, $name);
            }
        }
    }

    /** @param  array<array{int, int}>  $pairs */
    private static function spans(array $pairs): Spans
    {
        return Spans::of(array_map(static fn (array $pair): Span => Span::of($pair[0] * 60, ($pair[0] + $pair[1]) * 60), $pairs));
    }

    /**
     * @param  array<array{int, int}>  $pairs
     * @return array<int, int>
     */
    private static function minutes(array $pairs): array
    {
        $minutes = [];
        foreach ($pairs as [$at, $length]) {
            $minutes += array_combine(range($at, $at + $length - 1), range($at, $at + $length - 1));
        }

        return $minutes;
    }
}
