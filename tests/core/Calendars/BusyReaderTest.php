<?php

declare(strict_types=1);

namespace Tests\Core\Calendars;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Calendars\BusyReader;
use Recess\Calendars\BusyTimes;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\Counting;
use Recess\Calendars\Limits;
use Recess\Time\Span;
use Recess\Time\Zone;
use Symfony\Component\Process\Process;
use Tests\Core\InEnglish;

final class BusyReaderTest extends TestCase
{
    private static function read(
        string $text,
        string $from = '2026-11-23',
        string $until = '2026-12-07',
        bool $tentative = true,
        Limits $limits = new Limits(),
        string $zone = 'America/Halifax',
    ): BusyTimes {
        return BusyReader::read(
            $text,
            Span::of((int) strtotime($from . 'Z'), (int) strtotime($until . 'Z')),
            Zone::of($zone),
            $limits,
            new Counting($tentative),
        );
    }

    private static function calendar(string ...$lines): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//tests//EN\r\n" .
            implode("\r\n", $lines) .
            "\r\nEND:VCALENDAR\r\n";
    }

    /** @return list<string> */
    private static function event(string ...$lines): array
    {
        return ['BEGIN:VEVENT', 'UID:one', 'DTSTAMP:20261101T000000Z', ...$lines, 'END:VEVENT'];
    }

    /** @return list<string> */
    private static function said(BusyTimes $times): array
    {
        return array_map(
            static fn(Span $span): string => gmdate('m-d H:i', $span->start) . ' ' . gmdate('H:i', $span->end),
            $times->busy->all(),
        );
    }

    public function test_a_calendar_written_by_python_icalendar_is_read(): void
    {
        $text = (new Process(['/usr/bin/python3', dirname(__DIR__) . '/Outside/write_calendar.py']))
            ->mustRun()
            ->getOutput();
        $times = self::read($text);

        // Halifax is four hours behind UTC; the 25th is excepted, the 26th moved, the 27th a whole local day.
        self::assertSame(
            ['11-23 16:00 16:45', '11-24 16:00 16:45', '11-24 18:00 19:00', '11-26 17:00 17:30', '11-27 04:00 04:00'],
            self::said($times),
        );
        self::assertSame([], $times->skipped);
        self::assertStringStartsWith('Lunch; with a very long title, and so on', $times->entries[0][1]);
        self::assertNotContains('11-24 18:00 19:00', self::said(self::read($text, tentative: false)));
    }

    /** @return iterable<string, array{list<string>, list<string>}> each reckoned by hand */
    public static function entries(): iterable
    {
        yield 'floating, in the reader\'s zone' => [
            self::event('DTSTART:20261124T090000', 'DTEND:20261124T100000'),
            ['11-24 13:00 14:00'],
        ];
        yield 'a name that an office program gives its zone' => [
            self::event(
                'DTSTART;TZID=Eastern Standard Time:20261124T090000',
                'DTEND;TZID=Eastern Standard Time:20261124T100000',
            ),
            ['11-24 14:00 15:00'],
        ];
        yield 'a name with a path before it' => [
            self::event('DTSTART;TZID=/vendor.example/20261101_1/Europe/Lisbon:20261124T090000', 'DURATION:PT30M'),
            ['11-24 09:00 09:30'],
        ];
        yield 'no end and no length is nothing' => [self::event('DTSTART:20261124T090000Z'), []];
        yield 'a date alone is a day' => [self::event('DTSTART;VALUE=DATE:20261124'), ['11-24 04:00 04:00']];
        yield 'a day of 23 hours, in days' => [
            self::event('DTSTART;TZID=Europe/Lisbon:20261124T000000', 'DURATION:P1D'),
            ['11-24 00:00 00:00'],
        ];
        yield 'extra dates and a period' => [
            self::event(
                'DTSTART:20261124T090000Z',
                'DTEND:20261124T093000Z',
                'RDATE:20261126T090000Z',
                'RDATE;VALUE=PERIOD:20261127T080000Z/PT2H',
            ),
            ['11-24 09:00 09:30', '11-26 09:00 09:30', '11-27 08:00 10:00'],
        ];
        yield 'a whole day excepted by its date' => [
            self::event(
                'DTSTART:20261124T090000Z',
                'DURATION:PT1H',
                'RRULE:FREQ=DAILY;COUNT=3',
                'EXDATE;VALUE=DATE:20261125',
            ),
            ['11-24 09:00 10:00', '11-26 09:00 10:00'],
        ];
        yield 'this and all later ones moved and shortened' => [
            [
                ...self::event('DTSTART:20261124T090000Z', 'DURATION:PT1H', 'RRULE:FREQ=DAILY;COUNT=4'),
                ...self::event(
                    'RECURRENCE-ID;RANGE=THISANDFUTURE:20261126T090000Z',
                    'DTSTART:20261126T100000Z',
                    'DURATION:PT15M',
                ),
            ],
            ['11-24 09:00 10:00', '11-25 09:00 10:00', '11-26 10:00 10:15', '11-27 10:00 10:15'],
        ];
        yield 'one of a series called off' => [
            [
                ...self::event('DTSTART:20261124T090000Z', 'DURATION:PT1H', 'RRULE:FREQ=DAILY;COUNT=2'),
                ...self::event('RECURRENCE-ID:20261125T090000Z', 'DTSTART:20261125T090000Z', 'STATUS:CANCELLED'),
            ],
            ['11-24 09:00 10:00'],
        ];
        yield 'a repeat keeps its clock time across a change' => [
            self::event(
                'DTSTART;TZID=America/Halifax:20261018T090000',
                'DURATION:PT1H',
                'RRULE:FREQ=WEEKLY;UNTIL=20261130T000000Z',
            ),
            ['11-29 13:00 14:00'],
        ];
        yield 'free and busy periods' => [
            [
                'BEGIN:VFREEBUSY',
                'UID:fb',
                'DTSTAMP:20261101T000000Z',
                'FREEBUSY:20261124T090000Z/20261124T100000Z,20261125T090000Z/PT30M',
                'FREEBUSY;FBTYPE=FREE:20261126T090000Z/PT1H',
                'END:VFREEBUSY',
            ],
            ['11-24 09:00 10:00', '11-25 09:00 09:30'],
        ];
        yield 'folded in the middle of a word' => [
            self::event("DTSTART:2026112\r\n 4T090000Z", "DTE\r\n\tND:20261124T100000Z"),
            ['11-24 09:00 10:00'],
        ];
    }

    /**
     * @param  list<string>  $lines
     * @param  list<string>  $busy
     */
    #[DataProvider('entries')]
    public function test_entries_of_every_kind_become_busy_spans(array $lines, array $busy): void
    {
        $times = self::read(self::calendar(...$lines));
        self::assertSame($busy, self::said($times));
        self::assertSame([], $times->skipped);
    }

    public function test_a_zone_that_nobody_knows_is_read_from_its_description(): void
    {
        // Made up: 2 hours 20 minutes east, an hour more from the last Sunday of March to that of October.
        $zone = [
            'BEGIN:VTIMEZONE',
            'TZID:Gannet Time',
            'BEGIN:STANDARD',
            'DTSTART:20001029T030000',
            'TZOFFSETFROM:+0320',
            'TZOFFSETTO:+0220',
            'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
            'END:STANDARD',
            'BEGIN:DAYLIGHT',
            'DTSTART:20000326T020000',
            'TZOFFSETFROM:+0220',
            'TZOFFSETTO:+0320',
            'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
            'END:DAYLIGHT',
            'END:VTIMEZONE',
        ];
        $event = self::event('DTSTART;TZID=Gannet Time:20260929T120000', 'DURATION:PT1H', 'RRULE:FREQ=MONTHLY;COUNT=2');

        self::assertSame(
            ['09-29 08:40 09:40', '10-29 09:40 10:40'],
            self::said(self::read(self::calendar(...$zone, ...$event), '2026-09-01', '2026-11-30')),
        );
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function unreadable(): iterable
    {
        yield 'a zone that nothing explains' => [
            self::event('DTSTART;TZID=Nowhere:20261124T090000', 'DURATION:PT1H'),
            'no time zone',
        ];
        yield 'a date that there is not' => [self::event('DTSTART:20261324T090000Z', 'DURATION:PT1H'), 'no date'];
        yield 'a rule that there is not' => [
            self::event('DTSTART:20261124T090000Z', 'DURATION:PT1H', 'RRULE:FREQ=FORTNIGHTLY'),
            'FREQ=FORTNIGHTLY',
        ];
        yield 'every second of fifty years' => [
            self::event('DTSTART:19700101T000000Z', 'DURATION:PT1S', 'RRULE:FREQ=SECONDLY'),
            'more often than anybody meets',
        ];
    }

    /** @param  list<string>  $lines */
    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_skipped_with_its_line_and_the_rest_is_read(
        array $lines,
        string $why,
    ): void {
        $times = self::read(self::calendar(...self::event('DTSTART:20261125T090000Z', 'DURATION:PT1H'), ...$lines));
        self::assertSame(['11-25 09:00 10:00'], self::said($times));
        self::assertSame(10, $times->skipped[0]->line);
        self::assertStringContainsString($why, InEnglish::say($times->skipped[0]->why));
    }

    public function test_a_hostile_calendar_stops_at_the_limits(): void
    {
        $many = self::calendar(
            ...array_merge(
                ...array_fill(0, 30, self::event('DTSTART:20261124T090000Z', 'DURATION:PT1H', 'RRULE:FREQ=MINUTELY')),
            ),
        );

        $few = self::read($many, limits: new Limits(components: 5, occurrences: 100));
        self::assertCount(6, $few->skipped);
        self::assertSame('only the first 5 entries are read', InEnglish::say($few->skipped[0]->why));
        self::assertCount(50, self::read($many, limits: new Limits(spans: 50))->entries);

        $this->expectException(CalendarNotReadable::class);
        self::read($many, limits: new Limits(bytes: 1000));
    }

    public function test_rules_that_never_match_have_one_measure_for_the_whole_file(): void
    {
        // A 30 February, looked for since 1900 in each of sixty entries; the one that is plain is read all the same.
        $never = array_merge(
            ...array_fill(
                0,
                60,
                self::event(
                    'DTSTART:19000101T090000Z',
                    'DURATION:PT1H',
                    'RRULE:FREQ=DAILY;COUNT=3;BYMONTH=2;BYMONTHDAY=30',
                ),
            ),
        );
        $times = self::read(
            self::calendar(...$never, ...self::event('DTSTART:20261125T090000Z', 'DURATION:PT1H')),
            limits: new Limits(work: 100_000),
        );
        self::assertSame(['11-25 09:00 10:00'], self::said($times));
        self::assertStringContainsString('take too long to work out', InEnglish::say($times->skipped[0]->why));
        self::assertGreaterThan(50, count($times->skipped));
    }

    /** @return iterable<string, array{0: string, 1?: bool}> files of some hundred kilobytes at most, which were found by attack */
    public static function hostile(): iterable
    {
        $all = static fn(int $most): string => implode(',', range(0, $most));
        $times = ';BYHOUR=' . $all(23) . ';BYMINUTE=' . $all(59) . ';BYSECOND=' . $all(59);
        $many = static fn(int $count, string $start, string $rule): string => self::calendar(
            ...array_merge(
                ...array_map(
                    static fn(int $n): array => [
                        'BEGIN:VEVENT',
                        "UID:$n",
                        "DTSTART:$start",
                        'DURATION:PT1M',
                        "RRULE:$rule",
                        'END:VEVENT',
                    ],
                    range(1, $count),
                ),
            ),
        );
        $observance = [
            'BEGIN:STANDARD',
            'DTSTART:16010101T020000',
            'TZOFFSETFROM:+0200',
            'TZOFFSETTO:+0100',
            'RRULE:FREQ=YEARLY;BYDAY=-1SU;BYMONTH=10',
            'END:STANDARD',
        ];
        yield 'every second of a day, once a year' => [$many(1, '20200101T000000Z', "FREQ=YEARLY$times")];
        yield 'the last second of a year, counted from its end' => [
            $many(1, '20200101T000000Z', "FREQ=YEARLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1$times"),
        ];
        // Said twice counts once, so there is nothing to leave out.
        yield 'the same second said thousands of times' => [
            $many(
                1,
                '20200101T000000Z',
                'FREQ=DAILY;BYSECOND=' .
                    implode(',', array_fill(0, 20_000, '0')) .
                    ';BYMINUTE=' .
                    implode(',', array_fill(0, 20_000, '0')),
            ),
            false,
        ];
        yield 'five thousand that happen each minute' => [$many(5_000, '20261101T000000Z', 'FREQ=MINUTELY')];
        yield 'three thousand zones of its own' => [
            self::calendar(
                ...array_merge(
                    ...array_map(
                        static fn(int $n): array => [
                            'BEGIN:VTIMEZONE',
                            "TZID:Made Up $n",
                            ...$observance,
                            'END:VTIMEZONE',
                            'BEGIN:VEVENT',
                            "UID:$n",
                            "DTSTART;TZID=Made Up $n:20261201T100000",
                            'DURATION:PT1H',
                            'END:VEVENT',
                        ],
                        range(1, 3_000),
                    ),
                ),
            ),
        ];
        yield 'one zone of three thousand rules' => [
            self::calendar(
                'BEGIN:VTIMEZONE',
                'TZID:Made Up',
                ...array_merge(...array_fill(0, 3_000, $observance)),
                ...['END:VTIMEZONE'],
                ...self::event('DTSTART;TZID=Made Up:20261201T100000', 'DURATION:PT1H'),
            ),
        ];
        yield 'each occurrence changed with all that follow' => [
            self::calendar(
                ...self::event('DTSTART:20260101T000000Z', 'DURATION:PT1H', 'RRULE:FREQ=HOURLY'),
                ...array_merge(
                    ...array_map(
                        static fn(int $n): array => self::event(
                            gmdate(
                                '\R\E\C\U\R\R\E\N\C\E\-\I\D\;\R\A\N\G\E\=\T\H\I\S\A\N\D\F\U\T\U\R\E:Ymd\THis\Z',
                                1_767_225_600 + $n * 3600,
                            ),
                            gmdate('\D\T\S\T\A\R\T:Ymd\THis\Z', 1_767_225_600 + $n * 3600),
                            'DURATION:PT1H',
                        ),
                        range(1, 5_000),
                    ),
                ),
            ),
        ];
        yield 'three hundred thousand dates in one entry' => [
            self::calendar(
                ...self::event(
                    'DTSTART:20261101T000000Z',
                    'DURATION:PT1H',
                    'RDATE:' . implode(',', array_fill(0, 300_000, '20261124T100000Z')),
                ),
            ),
        ];
    }

    #[DataProvider('hostile')]
    public function test_one_file_uses_up_no_more_than_a_file_may(string $text, bool $cut = true): void
    {
        memory_reset_peak_usage();
        $held = memory_get_usage();
        $before = getrusage()['ru_utime.tv_sec'] ?? 0;
        $times = self::read($text, '2026-11-23', '2027-12-28', limits: new Limits(spans: 20_000));
        self::assertLessThan(100_000_000, memory_get_peak_usage() - $held, 'bytes');
        // Four seconds at most here; the mildest of them took twelve.
        self::assertLessThan(10, (getrusage()['ru_utime.tv_sec'] ?? 0) - $before, 'seconds of processor time');
        self::assertSame($cut, $times->skipped !== [], 'What was left out is said.');
    }

    public function test_what_is_no_calendar_is_said_with_the_line(): void
    {
        foreach (
            [
                '' => 'Line 1',
                '<html>' => 'Line 1',
                "BEGIN:VCALENDAR\nBEGIN:VEVENT\nSUMMARY:x\n" => 'Line 2: VEVENT begins here and never ends',
                "BEGIN:VCALENDAR\nBEGIN:VEVENT\nEND:VTODO\nEND:VCALENDAR" => 'Line 3',
                str_repeat("\0", 100) => 'Line 1',
            ]
            as $text => $says
        ) {
            try {
                self::read($text);
                self::fail('It was taken for a calendar.');
            } catch (CalendarNotReadable $failure) {
                self::assertStringContainsString($says, InEnglish::why($failure));
            }
        }
    }
}
