<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\PatternNotValid;
use Recess\Repeat\Recurrence;
use Recess\Repeat\Weekly;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Weekday;
use Tests\Core\Outside\Reference;

final class PatternTest extends TestCase
{
    private static function d(string $date): LocalDate
    {
        return LocalDate::parse($date);
    }

    /** @return list<string> */
    private static function dates(Pattern $pattern, string $from, string $before): array
    {
        return array_map(strval(...), $pattern->dates(self::d($from), self::d($before)));
    }

    /** @return iterable<string, array{Pattern, list<string>}> reckoned by hand on a calendar */
    public static function byHand(): iterable
    {
        yield 'every two weeks from a Friday, on Tuesdays: the first week has none left' => [
            Weekly::on([Weekday::Tuesday], self::d('2026-11-27'), null, 2),
            ['2026-12-08', '2026-12-22'],
        ];
        yield 'the 31st: months without one are left out' => [
            Monthly::on([MonthDay::date(31)], self::d('2026-09-01'), Ending::times(2)),
            ['2026-10-31', '2026-12-31'],
        ];
        yield 'the last day of the month' => [
            Monthly::on([MonthDay::date(-1)], self::d('2026-10-15'), Ending::until(self::d('2026-11-30'))),
            ['2026-10-31', '2026-11-30'],
        ];
        yield 'the 5th Thursday' => [
            Monthly::on([MonthDay::nth(5, Weekday::Thursday)], self::d('2026-10-01')),
            ['2026-10-29', '2026-12-31'],
        ];
        yield 'a leap day comes when it does' => [
            Monthly::on([MonthDay::date(29)], self::d('2027-02-01'), Ending::times(2), 12),
            [],
        ];
        yield 'listed dates, less one, plus one that is also left out' => [
            Adjusted::of(
                OnDates::of(self::d('2026-12-03'), self::d('2026-12-01')),
                Dates::of(DateRange::of(self::d('2026-12-02'), self::d('2026-12-05'))),
                [self::d('2026-12-05')],
            ),
            ['2026-12-01', '2026-12-05'],
        ];
    }

    /** @param  list<string>  $dates */
    #[DataProvider('byHand')]
    public function test_it_falls_on_the_dates_that_it_says(Pattern $pattern, array $dates): void
    {
        self::assertSame($dates, self::dates($pattern, '2026-09-01', '2027-01-01'));
    }

    public function test_a_weekly_slot_from_november_to_mid_may_less_closed_days(): void
    {
        // Common practice, no published source: one slot set a week, less closed days. Counted on a calendar:
        // the Tuesdays from 3 November 2026 to 11 May 2027 are 28; two fall into the holidays.
        $pattern = Adjusted::of(
            Weekly::on([Weekday::Tuesday], self::d('2026-11-01'), Ending::until(self::d('2027-05-15'))),
            Dates::of(DateRange::of(self::d('2026-12-21'), self::d('2027-01-03'))),
        );
        self::assertCount(26, self::dates($pattern, '2026-01-01', '2028-01-01'));
    }

    public function test_hundreds_of_patterns_map_to_rrule_and_back_and_are_expanded_as_by_dateutil(): void
    {
        $chance = new Randomizer(new Mt19937(1545));
        $patterns = $questions = [];
        while (count($patterns) < 300) {
            $first = self::d('2020-01-01')->plusDays($chance->getInt(0, 3000));
            $ending = match ($chance->getInt(0, 2)) {
                0 => Ending::never(),
                1 => Ending::times($chance->getInt(1, 60)),
                default => Ending::until($first->plusDays($chance->getInt(0, 900))),
            };
            $weekdays = array_map(
                Weekday::from(...),
                array_map(
                    static fn(int $key): int => $key + 1,
                    $chance->pickArrayKeys(range(1, 7), $chance->getInt(1, 7)),
                ),
            );
            $pattern = match ($chance->getInt(0, 2)) {
                0 => Weekly::on($weekdays, $first, $ending, $chance->getInt(1, 4)),
                1 => Monthly::on(
                    array_map(
                        static fn(Weekday $day): MonthDay => MonthDay::nth(
                            [1, 2, 3, 4, 5, -1, -2][$chance->getInt(0, 6)],
                            $day,
                        ),
                        $weekdays,
                    ),
                    $first,
                    $ending,
                    $chance->getInt(1, 5),
                ),
                default => Monthly::on(
                    [MonthDay::date($chance->getInt(1, 31)), MonthDay::date(-$chance->getInt(1, 31))],
                    $first,
                    $ending,
                    $chance->getInt(1, 5),
                ),
            };
            try {
                $recurrence = Recurrence::of($pattern);
            } catch (PatternNotValid) {
                self::assertSame([], self::dates($pattern, '2019-01-01', '2040-01-01'));

                continue;
            }
            $patterns[] = [$pattern, $recurrence];
            $questions[] = [
                'start' => $recurrence->start . 'T00:00:00',
                'rule' => (string) $recurrence->rule,
                'before' => '2032-01-01T00:00:00',
            ];
        }
        foreach (Reference::dateutil($questions) as $i => $answer) {
            [$pattern, $recurrence] = $patterns[$i];
            self::assertIsArray($answer);
            $theirs = array_map(static fn(mixed $moment): string => substr((string) $moment, 0, 10), $answer);
            self::assertSame($theirs, self::dates($pattern, '2019-01-01', '2032-01-01'), (string) $recurrence->rule);
            // And back: the same dates, and from there on the same words.
            $back = $recurrence->pattern();
            self::assertSame($theirs, self::dates($back, '2019-01-01', '2032-01-01'), "$recurrence->rule, read back");
            self::assertEquals($recurrence, Recurrence::of($back));
            // Split anywhere, the halves together are the whole.
            $at = self::d('2020-01-01')->plusDays($chance->getInt(0, 3500));
            $halves = array_filter([$pattern->endingBefore($at), $pattern->startingAt($at)]);
            self::assertSame(
                $theirs,
                array_merge(
                    ...array_map(
                        static fn(Pattern $half): array => self::dates($half, '2019-01-01', '2032-01-01'),
                        array_values($halves),
                    ),
                ),
                "$recurrence->rule, split at $at",
            );
        }
    }

    public function test_what_is_left_out_and_added_survives_the_way_through_icalendar(): void
    {
        $pattern = Adjusted::of(
            Weekly::on([Weekday::Monday, Weekday::Thursday], self::d('2026-11-24'), Ending::times(20)),
            Dates::of(
                DateRange::of(self::d('2026-12-20'), self::d('2027-01-05')),
                DateRange::day(self::d('2027-01-14')),
            ),
            [self::d('2027-01-14'), self::d('2027-03-06')],
        );
        $recurrence = Recurrence::of($pattern);

        self::assertSame('FREQ=WEEKLY;BYDAY=MO,TH;COUNT=20', $recurrence->rule);
        self::assertSame(['2027-03-06'], array_map(strval(...), $recurrence->also));
        self::assertSame(
            self::dates($pattern, '2026-01-01', '2028-01-01'),
            self::dates($recurrence->pattern(), '2026-01-01', '2028-01-01'),
        );
    }
}
