<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\Reach;
use Recess\Repeat\Rrule;
use Recess\Repeat\RruleDates;
use Recess\Repeat\RruleNotValid;
use Tests\Core\Outside\Reference;

/** Recurrence rules against the examples of RFC 5545, 3.8.5.3, against python-dateutil and against rrule. */
final class RruleTest extends TestCase
{
    /** All the rules of RFC 5545, 3.8.5.3, with their DTSTART, as printed there. */
    private const EXAMPLES = [
        ['1997-09-02T09:00:00', 'FREQ=DAILY;COUNT=10'],
        ['1997-09-02T09:00:00', 'FREQ=DAILY;UNTIL=19971224T000000Z'],
        ['1997-09-02T09:00:00', 'FREQ=DAILY;INTERVAL=2'],
        ['1997-09-02T09:00:00', 'FREQ=DAILY;INTERVAL=10;COUNT=5'],
        ['1998-01-01T09:00:00', 'FREQ=YEARLY;UNTIL=20000131T140000Z;BYMONTH=1;BYDAY=SU,MO,TU,WE,TH,FR,SA'],
        ['1998-01-01T09:00:00', 'FREQ=DAILY;UNTIL=20000131T140000Z;BYMONTH=1'],
        ['1997-09-02T09:00:00', 'FREQ=WEEKLY;COUNT=10'],
        ['1997-09-02T09:00:00', 'FREQ=WEEKLY;UNTIL=19971224T000000Z'],
        ['1997-09-02T09:00:00', 'FREQ=WEEKLY;INTERVAL=2;WKST=SU'],
        ['1997-09-02T09:00:00', 'FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH'],
        ['1997-09-02T09:00:00', 'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH'],
        ['1997-09-01T09:00:00', 'FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR'],
        ['1997-09-02T09:00:00', 'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH'],
        ['1997-09-05T09:00:00', 'FREQ=MONTHLY;COUNT=10;BYDAY=1FR'],
        ['1997-09-05T09:00:00', 'FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR'],
        ['1997-09-07T09:00:00', 'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU'],
        ['1997-09-22T09:00:00', 'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO'],
        ['1997-09-28T09:00:00', 'FREQ=MONTHLY;BYMONTHDAY=-3'],
        ['1997-09-02T09:00:00', 'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15'],
        ['1997-09-30T09:00:00', 'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1'],
        ['1997-09-10T09:00:00', 'FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15'],
        ['1997-09-02T09:00:00', 'FREQ=MONTHLY;INTERVAL=2;BYDAY=TU'],
        ['1997-06-10T09:00:00', 'FREQ=YEARLY;COUNT=10;BYMONTH=6,7'],
        ['1997-03-10T09:00:00', 'FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3'],
        ['1997-01-01T09:00:00', 'FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200'],
        ['1997-05-19T09:00:00', 'FREQ=YEARLY;BYDAY=20MO'],
        ['1997-05-12T09:00:00', 'FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO'],
        ['1997-03-13T09:00:00', 'FREQ=YEARLY;BYMONTH=3;BYDAY=TH'],
        ['1997-06-05T09:00:00', 'FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8'],
        ['1998-02-13T09:00:00', 'FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13'],
        ['1997-09-13T09:00:00', 'FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13'],
        ['1996-11-05T09:00:00', 'FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8'],
        ['1997-09-04T09:00:00', 'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3'],
        ['1997-09-29T09:00:00', 'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2'],
        ['1997-09-02T09:00:00', 'FREQ=HOURLY;INTERVAL=3;UNTIL=19970902T170000Z'],
        ['1997-09-02T09:00:00', 'FREQ=MINUTELY;INTERVAL=15;COUNT=6'],
        ['1997-09-02T09:00:00', 'FREQ=MINUTELY;INTERVAL=90;COUNT=4'],
        ['1997-09-02T09:00:00', 'FREQ=DAILY;BYHOUR=9,10,11,12,13,14,15,16;BYMINUTE=0,20,40'],
        ['1997-09-02T09:00:00', 'FREQ=MINUTELY;INTERVAL=20;BYHOUR=9,10,11,12,13,14,15,16'],
        ['1997-08-05T09:00:00', 'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO'],
        ['1997-08-05T09:00:00', 'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU'],
        ['2007-01-15T09:00:00', 'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5'],
    ];

    /** What RFC 5545, 3.8.5.3 prints as the answer, for the examples where two implementations could err alike. */
    public static function printed(): iterable
    {
        yield 'weeks start on Monday' => [
            '1997-08-05T09:00:00',
            'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO',
            ['1997-08-05', '1997-08-10', '1997-08-19', '1997-08-24'],
        ];
        yield 'weeks start on Sunday' => [
            '1997-08-05T09:00:00',
            'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU',
            ['1997-08-05', '1997-08-17', '1997-08-19', '1997-08-31'],
        ];
        yield 'no 30 February' => [
            '2007-01-15T09:00:00',
            'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
            ['2007-01-15', '2007-01-30', '2007-02-15', '2007-03-15', '2007-03-30'],
        ];
        yield 'third of Tuesday, Wednesday, Thursday' => [
            '1997-09-04T09:00:00',
            'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
            ['1997-09-04', '1997-10-07', '1997-11-06'],
        ];
        yield 'election day' => [
            '1996-11-05T09:00:00',
            'FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8;COUNT=3',
            ['1996-11-05', '2000-11-07', '2004-11-02'],
        ];
        yield 'Monday of week 20' => [
            '1997-05-12T09:00:00',
            'FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO;COUNT=3',
            ['1997-05-12', '1998-05-11', '1999-05-17'],
        ];
    }

    /** @param  list<string>  $dates */
    #[DataProvider('printed')]
    public function test_it_answers_as_the_rfc_prints(string $start, string $rule, array $dates): void
    {
        self::assertSame(
            $dates,
            array_map(
                static fn(string $moment): string => substr($moment, 0, 10),
                self::expand($start, $rule, '2010-01-01T00:00:00'),
            ),
        );
    }

    public function test_every_example_of_the_rfc_is_expanded_as_by_dateutil_and_rrule(): void
    {
        $questions = array_map(
            static fn(array $one): array => [
                'start' => $one[0],
                'rule' => str_replace('Z', '', $one[1]),
                'before' => '2001-06-01T00:00:00',
            ],
            self::EXAMPLES,
        );
        $this->compare($questions, Reference::dateutil($questions), 'dateutil');
        $this->compare(
            $questions,
            Reference::rrule(
                array_map(
                    static fn(array $one): array => [
                        'rule' => preg_replace('/UNTIL=(\w+)/', 'UNTIL=$1Z', $one['rule']),
                    ] + $one,
                    $questions,
                ),
            ),
            'rrule',
        );
    }

    public function test_four_hundred_rules_made_by_chance_are_expanded_as_by_dateutil(): void
    {
        $chance = new Randomizer(new Mt19937(5545));
        $some = static function (string $name, array $values, int $one = 3) use ($chance): string {
            if ($chance->getInt(1, $one) !== 1) {
                return '';
            }
            $picked = array_intersect_key(
                $values,
                array_flip($chance->pickArrayKeys($values, $chance->getInt(1, min(3, count($values))))),
            );

            return ";$name=" . implode(',', $picked);
        };
        // Plain and numbered weekdays are not mixed: there the library takes BYDAY=SU,-1FR for "both" instead of "either".
        // A week number alone means DTSTART's weekday to us, all seven days to the library; so it always comes with days.
        $questions = [];
        while (count($questions) < 400) {
            $frequency = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY', 'HOURLY', 'MINUTELY'][$chance->getInt(0, 5)];
            $days = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
            $rule = "FREQ=$frequency;INTERVAL=" . $chance->getInt(1, 4) . $some('BYMONTH', range(1, 12));
            $rule .= match ($frequency) {
                'MONTHLY' => $some('BYMONTHDAY', [1, 13, 15, 30, 31, -1, -2, -31]) .
                    $some('BYDAY', $chance->getInt(0, 1) ? $days : ['1MO', '2TU', '-1FR', '5WE', '-5SU'], 2),
                'YEARLY' => $some('BYYEARDAY', [1, 59, 60, 100, 366, -1, -366], 4) .
                    $some('BYMONTHDAY', [1, 13, 29, -1], 4) .
                    (str_contains($rule, 'INTERVAL=1')
                        ? $some('BYWEEKNO', [1, 20, 52, 53, -1], 1) . $some('BYDAY', $days, 1)
                        : $some('BYDAY', $chance->getInt(0, 1) ? $days : ['1MO', '20MO', '-1FR', '-20SA'], 2)),
                default => $some('BYDAY', $days, 2),
            };
            $rule .=
                $some('BYHOUR', [0, 9, 16, 23], 4) .
                $some('BYMINUTE', [0, 20, 40], 4) .
                ';WKST=' .
                $days[$chance->getInt(0, 6)];
            // Positions by month and year only: of a first week the library takes just what is left of it.
            $rule .=
                in_array($frequency, ['MONTHLY', 'YEARLY'], true) &&
                str_contains($rule, 'BYDAY') &&
                !str_contains($rule, 'BYWEEKNO')
                    ? $some('BYSETPOS', [1, 2, -1, -2], 3)
                    : '';
            $start = sprintf(
                '20%02d-%02d-%02dT%02d:%02d:00',
                $chance->getInt(10, 30),
                $chance->getInt(1, 12),
                $chance->getInt(1, 28),
                $chance->getInt(0, 23),
                $chance->getInt(0, 59),
            );
            $years = in_array($frequency, ['HOURLY', 'MINUTELY'], true) ? '+20 days' : '+6 years';
            $questions[] = [
                'start' => $start,
                'rule' => $rule,
                'before' => (new \DateTimeImmutable($start))->modify($years)->format('Y-m-d\TH:i:s'),
            ];
        }
        $answers = Reference::dateutil($questions);
        $answered = array_filter($answers, is_array(...));
        self::assertGreaterThan(380, count($answered));
        $this->compare(array_values(array_intersect_key($questions, $answered)), array_values($answered), 'dateutil');
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'every second of fifty years' => ['FREQ=SECONDLY'];
        yield 'a date that never comes' => ['FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30'];
        yield 'no frequency' => ['COUNT=3'];
        yield 'a day there is not' => ['FREQ=WEEKLY;BYDAY=XX'];
        yield 'an interval of nothing' => ['FREQ=DAILY;INTERVAL=0'];
        yield 'a number beyond all numbers' => ['FREQ=DAILY;INTERVAL=99999999999999999999'];
        yield 'a day of the month too far' => ['FREQ=MONTHLY;BYMONTHDAY=32'];
        yield 'garbage' => ["FREQ=DAILY;UNTIL=\0"];
    }

    #[DataProvider('hostile')]
    public function test_a_hostile_rule_is_refused_and_not_followed(string $rule): void
    {
        $this->expectException(RruleNotValid::class);
        self::expand('1970-01-01T00:00:00', $rule, '9999-01-01T00:00:00', 10_000);
    }

    /**
     * @param  list<array<string, mixed>>  $questions
     * @param  list<mixed>  $answers
     */
    private function compare(array $questions, array $answers, string $whose): void
    {
        self::assertCount(count($questions), $answers);
        foreach ($questions as $i => ['start' => $start, 'rule' => $rule, 'before' => $before]) {
            $ours = self::expand($start, $rule, $before);
            $theirs = $answers[$i];
            self::assertIsArray($theirs);
            // RFC 5545, 3.8.5.3: DTSTART is the first of the set even where the rule does not name it; the libraries leave it out.
            if ($ours !== [] && ($theirs[0] ?? null) !== $ours[0]) {
                array_shift($ours);
            }
            self::assertSame($theirs, array_slice($ours, 0, 5000), "$rule from $start, unlike $whose");
        }
    }

    /** @return list<string> */
    private static function expand(string $start, string $rule, string $before, int $atMost = 50_000): array
    {
        $rule = Rrule::parse($rule);
        $end = (int) strtotime($before . 'Z');
        if ($rule->until !== null) {
            $end = min($end, (int) strtotime(rtrim($rule->until, 'Z') . 'Z') + 1);
        }
        $readings = RruleDates::of($rule, new Reach((int) strtotime($start . 'Z'), $end, $atMost));

        return array_map(
            static fn(int $reading): string => gmdate('Y-m-d\TH:i:s', $reading),
            iterator_to_array($readings, false),
        );
    }

    /** What is asked about begins years after a rule did: to begin late finds what following it from its start would. */
    public function test_a_rule_that_is_followed_from_later_on_says_the_same_from_there(): void
    {
        $compared = 0;
        foreach (
            [
                ...self::EXAMPLES,
                ['2016-02-29T23:30:00', 'FREQ=YEARLY'],
                ['2015-01-31T00:15:00', 'FREQ=MONTHLY;INTERVAL=7'],
                ['2001-12-31T12:00:00', 'FREQ=YEARLY;INTERVAL=3;BYWEEKNO=1,53'],
            ]
            as [$start, $text]
        ) {
            [$rule, $first] = [Rrule::parse($text), (int) strtotime($start . 'Z')];
            foreach ([0, 1, 40, 366, 1_000] as $days) {
                $from = $first + $days * 86_400;
                $before = $from + 800 * 86_400;
                $whole = array_filter(
                    iterator_to_array(RruleDates::of($rule, new Reach($first, $before, 50_000), false), false),
                    static fn(int $one): bool => $one >= $from,
                );
                $late = array_filter(
                    iterator_to_array(RruleDates::of($rule, new Reach($first, $before, 50_000, $from), false), false),
                    static fn(int $one): bool => $one >= $from,
                );
                self::assertSame(array_values($whole), array_values($late), "$text from $days days on");
                $compared += count($whole);
            }
        }
        self::assertGreaterThan(5_000, $compared);
    }
}
