<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Calendars\FreeBusy;
use Recess\Common\AskedHours;
use Recess\Common\CommonTime;
use Recess\RecessException;
use Recess\Time\DateRange;
use Recess\Time\Dates;
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
        $this->forAll($some, $some, $some, Generators::elements([1, 5, 10, 15, 20]), Generators::choose(1, 60))->then(
            function (array $windows, array $one, array $other, int $grid, int $length): void {
                $common = CommonTime::of(self::spans($windows), [self::spans($one), self::spans($other)], $grid);
                $free = array_diff_key(self::minutes($windows), self::minutes($one) + self::minutes($other));
                $whole = static fn(int $cell): bool => array_diff_key(
                    array_flip(range($cell, $cell + $grid - 1)),
                    $free,
                ) === [];
                $starts = [];
                for ($start = 0; $start <= 2 * self::DAY; $start += $grid) {
                    $cells = array_map(
                        static fn(int $i): int => $start + $i * $grid,
                        range(0, intdiv($length - 1, $grid)),
                    );
                    if (count(array_filter($cells, $whole)) === count($cells)) {
                        $starts[] = $start * 60;
                    }
                }

                self::assertSame($starts, $common->starts($length));
                foreach ($starts as $start) {
                    self::assertTrue($common->holds(Span::of($start, $start + $length * 60)));
                    self::assertFalse(
                        $grid > 1 && $common->holds(Span::of($start + 60, $start + 60 + $length * 60)),
                        'off the grid',
                    );
                }
                $near = array_map(static fn(Span $span): int => $span->start, $common->nearest(6_000, $length, 3));
                $far = array_diff($starts, $near);
                self::assertCount(min(3, count($starts)), $near);
                self::assertTrue(
                    $near === [] ||
                        $far === [] ||
                        max(array_map(static fn(int $at): int => abs($at - 6_000), $near)) <=
                            min(array_map(static fn(int $at): int => abs($at - 6_000), $far)),
                );
            },
        );
    }

    /** What each is busy with goes out as VFREEBUSY (RFC 5545, 3.6.4); python-icalendar reads all of it and looks for the common quarters by itself. */
    public function test_python_icalendar_finds_the_same_in_everybodys_vfreebusy(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(14));
        $questions = $expected = [];
        foreach (range(1, 25) as $ignored) {
            $day = Span::of(1_795_600_800, 1_795_600_800 + 36_000);
            $people = array_map(
                static fn(): Spans => Spans::of(
                    array_map(static function () use ($random, $day): Span {
                        $start = $day->start + 60 * $random->getInt(0, 560);

                        return Span::of($start, $start + 60 * $random->getInt(3, 80));
                    }, range(1, 5)),
                ),
                range(1, $random->getInt(1, 4)),
            );
            $questions[] = [
                'texts' => array_map(
                    static fn(Spans $busy): string => FreeBusy::write(
                        $day,
                        array_map(static fn(Span $span): array => [$span, false], $busy->all()),
                        'someone',
                        $day->start,
                    ),
                    $people,
                ),
                'from' => $day->start,
                'until' => $day->end,
                'minutes' => ($length = $random->getInt(1, 3) * 15),
            ];
            $expected[] = CommonTime::of(Spans::of([$day]), $people)->starts($length);
        }

        self::assertSame(
            $expected,
            Reference::ask(['/usr/bin/python3', __DIR__ . '/Outside/common_time.py'], $questions),
        );
        self::assertGreaterThan(100, count(array_merge(...$expected)), 'common times there were');
    }

    /** Advising meetings last 30 minutes, shrunk to 15 where the day is full: common practice, no published source. */
    public function test_half_an_hour_that_does_not_fit_fits_as_a_quarter(): void
    {
        $zone = Zone::of('America/Halifax');
        $at = static fn(string $clock): int => $zone->instant(
            LocalDate::parse('2026-12-03'),
            60 * (int) $clock + (int) substr($clock, 3),
        );
        $common = CommonTime::of(Spans::of([Span::of($at('08:00'), $at('10:00'))]), [
            Spans::of([Span::of($at('08:20'), $at('09:40'))]),
        ]);

        self::assertSame([], $common->starts(30));
        self::assertSame(
            [$at('08:00'), $at('09:45')],
            $common->starts(15),
            'and 08:15 is lost to what begins at 08:20',
        );
        self::assertSame(
            [15, 0, 15, 0],
            array_map($common->longestAt(...), [$at('08:00'), $at('08:15'), $at('09:45'), $at('09:50')]),
        );
    }

    /** The quarters of the clock lie on the grid wherever the tz database puts a zone: also at a quarter past the hour, and where clocks change by half an hour. */
    public function test_quarters_of_the_clock_in_every_zone(): void
    {
        foreach (\DateTimeZone::listIdentifiers() as $name) {
            $zone = Zone::of($name);
            foreach (['2026-07-01', '2027-01-01'] as $date) {
                $day = $zone->day(LocalDate::parse($date));
                self::assertSame(
                    0,
                    $zone->timeAt(
                        CommonTime::of(Spans::of([Span::of($day->start + 36_001, $day->end)]), [])->starts(15)[0],
                    )->minute % 15,
                    $name,
                );
            }
        }
    }

    /** @return iterable<string, array{string, list<string>|string}> */
    public static function typed(): iterable
    {
        yield 'as it is said' => ['8:00 to 12:00, 13:00 to 16:00', ['08:00-12:00', '13:00-16:00']];
        yield 'with dots, dashes and pm' => ['9.30–11 and 1pm-4:15pm', ['09:30-11:00', '13:00-16:15']];
        yield 'until the day is over' => ['6pm to 12:00 am', ['18:00-24:00']];
        yield 'a comma in a time is no comma between hours' => ['9,30-11; 13-14', ['09:30-11:00', '13:00-14:00']];
        yield 'nothing' => ['  ', []];
        yield 'four in the morning is asked about' => ['4-6', 'in the morning or in the evening'];
        yield 'and so is one of the two' => ['13 to 3', 'in the morning or in the evening'];
        yield 'said to be early, it is' => ['5am to 7am', ['05:00-07:00']];
        yield 'no hours' => ['mornings', 'says no hours'];
        yield 'no end' => ['8:00', 'says no hours'];
        yield 'ends first' => ['16:00 to 8:00', 'has to be later'];
        yield 'overlapping' => ['8-12, 11-13', 'overlap'];
    }

    /** @param  list<string>|string  $expected */
    #[DataProvider('typed')]
    public function test_hours_as_people_type_them(string $text, array|string $expected): void
    {
        try {
            $hours = AskedHours::of([3 => AskedHours::typed($text)]);
            self::assertSame($expected, $hours->record()[3] ?? []);
            self::assertEquals($hours, AskedHours::fromRecord($hours->record()));
        } catch (RecessException $failure) {
            self::assertIsString($expected);
            self::assertStringContainsString($expected, InEnglish::why($failure));
        }
    }

    /** "School days 8:00 to 16:00, not Wednesday afternoon", and a colleague who is there from ten to two; one of the Fridays is closed. */
    public function test_windows_of_two_who_are_asked_together(): void
    {
        $zone = Zone::of('America/Halifax');
        $one = AskedHours::of(
            array_fill_keys([1, 2, 4, 5], AskedHours::typed('8-16')) + [3 => AskedHours::typed('8-12')],
        );
        $both = $one->shared(AskedHours::of(array_fill_keys([2, 3, 5, 6], AskedHours::typed('10-14'))));
        $windows = $both->windows(
            DateRange::of(LocalDate::parse('2026-11-30'), LocalDate::parse('2026-12-13')),
            $zone,
            Dates::of(DateRange::day(LocalDate::parse('2026-12-04'))),
        );

        self::assertSame([2 => ['10:00-14:00'], 3 => ['10:00-12:00'], 5 => ['10:00-14:00']], $both->record());
        self::assertSame(
            ['12-01 10:00', '12-02 10:00', '12-08 10:00', '12-09 10:00', '12-11 10:00'],
            array_map(
                static fn(Span $span): string => substr((string) $zone->dateAt($span->start), 5) .
                    ' ' .
                    $zone->timeAt($span->start),
                $windows->all(),
            ),
        );
        // The same as a block, of which an hour's meetings fit on each day, and none of three hours on the Wednesday.
        foreach ([[60, [4, 2, 4]], [180, [1, 0, 1]]] as [$minutes, $fit]) {
            $block = $both->block($minutes, LocalDate::parse('2026-12-07'), LocalDate::parse('2026-12-13'));
            $pieces = $block?->pieces(LocalDate::parse('2026-12-07'), LocalDate::parse('2026-12-14'), $zone) ?? [];
            $counts = array_fill_keys([2, 3, 5], 0);
            foreach ($pieces as $one) {
                $counts[LocalDate::weekdayOf($zone->dayAt($one->stretch->start))] = count($one->slots);
            }
            self::assertSame($fit, array_values($counts));
        }
        self::assertNull($both->block(300, LocalDate::parse('2026-12-07'), LocalDate::parse('2026-12-13')));
    }

    /** @param  array<array{int, int}>  $pairs */
    private static function spans(array $pairs): Spans
    {
        return Spans::of(
            array_map(static fn(array $pair): Span => Span::of($pair[0] * 60, ($pair[0] + $pair[1]) * 60), $pairs),
        );
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
