<?php

declare(strict_types=1);

namespace Tests\Core\Calendars;

use PHPUnit\Framework\TestCase;
use Recess\Calendars\AvailabilityReader;
use Recess\Calendars\AvailabilityWriter;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\DayChange;
use Recess\Slots\Pieces;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;
use Recess\Time\Zone;
use Symfony\Component\Process\Process;
use Tests\Core\Afternoon;
use Tests\Core\Outside\Reference;

/** Availability in and out (RFC 7953), and the command that makes slots of it. */
final class AvailabilityTest extends TestCase
{
    /** The examples of RFC 7953, 9: Monday to Friday 9 to 17; then two weeks of November from 12 to 17 instead. */
    private static function example(): string
    {
        $plain = (string) file_get_contents(__DIR__ . '/rfc7953-monday-to-friday.ics');
        $changed = <<<'ICS'
        BEGIN:VAVAILABILITY
        UID:84D0F948-7FC6-4C1D-BBF3-BA9827B424B5
        DTSTAMP:20111005T133225Z
        DTSTART;TZID=America/Montreal:20111023T000000
        DTEND;TZID=America/Montreal:20111030T000000
        PRIORITY:1
        BEGIN:AVAILABLE
        UID:D9B9B4F2-6E6B-4C0C-9DB9-21AC3D4E4A2F
        DTSTART;TZID=America/Montreal:20111023T120000
        DTEND;TZID=America/Montreal:20111023T170000
        RRULE:FREQ=DAILY
        END:AVAILABLE
        END:VAVAILABILITY
        ICS;

        return str_replace('END:VCALENDAR', $changed . "\nEND:VCALENDAR", $plain);
    }

    public function test_the_more_important_availability_holds_in_its_time_alone(): void
    {
        $reader = AvailabilityReader::read(self::example(), Zone::of('UTC'));
        $zone = $reader->zone;
        self::assertSame('America/Montreal', $zone->name);
        $said = [];
        foreach ($reader->stretches($zone->day(LocalDate::parse('2011-10-21'))->widened(0, 10 * 86_400)) as $stretch) {
            $said[] =
                $zone->dateAt($stretch->start) .
                ' ' .
                $zone->timeAt($stretch->start) .
                '-' .
                $zone->timeAt($stretch->end);
        }
        self::assertSame(
            [
                '2011-10-21 09:00-17:00',
                ...array_map(static fn(int $day): string => "2011-10-$day 12:00-17:00", range(23, 29)),
                '2011-10-31 09:00-17:00',
            ],
            $said,
        );
    }

    public function test_a_sheets_blocks_go_out_and_come_back_with_the_same_slots(): void
    {
        $zone = Zone::of('America/St_Johns');
        $d = LocalDate::parse(...);
        $h = static fn(int $from, int $until): Hours => Hours::between(
            LocalTime::ofMinute($from),
            LocalTime::ofMinute($until),
        );
        $weekly = Adjusted::of(
            Weekly::on([Weekday::Tuesday, Weekday::Thursday], $d('2026-09-08'), Ending::until($d('2027-05-28'))),
            Dates::of(DateRange::of($d('2026-12-18'), $d('2027-01-04'))),
            [$d('2027-06-05')],
        );
        $blocks = [
            Block::of($weekly, Stretches::of($h(625, 695), $h(780, 840)), Cut::of(15, 5))
                ->onWeekday(Weekday::Thursday, Stretches::of($h(900, 960)))
                ->withChange($d('2026-10-06'), DayChange::closed())
                ->withChange($d('2026-10-13'), DayChange::movedTo($d('2026-10-14'))),
            Block::of(
                Monthly::on([MonthDay::nth(-1, Weekday::Friday)], $d('2026-09-01'), Ending::times(6), 2),
                $h(480, 540),
                Cut::of(20),
            ),
            Block::of(
                OnDates::of($d('2026-12-03'), $d('2026-12-05')),
                Hours::overnight(LocalTime::of(22), LocalTime::of(1)),
                Cut::of(30),
            ),
        ];
        $text = AvailabilityWriter::write($blocks, $zone, 'sheet-1@recess', 1_790_000_000);
        $back = AvailabilityReader::read($text, Zone::of('UTC'));

        $slots = static fn(array $blocks): array => array_map(
            static fn(Pieces $pieces): array => array_map(
                static fn($slot): string => "$slot->start-$slot->end",
                $pieces->slots,
            ),
            Afternoon::sheet(more: ['zone' => $zone, 'blocks' => $blocks])->pieces(
                LocalDate::parse('2026-08-01'),
                LocalDate::parse('2028-08-01'),
            ),
        );
        self::assertGreaterThan(100, count($slots($blocks)));
        self::assertSame($slots($blocks), $slots($back->blocks()));
        self::assertSame($zone, $back->zone);

        // Others read it too: every line of it, by ical.js and python-icalendar.
        $answers = [
            Reference::ask(['node', dirname(__DIR__) . '/Outside/read_calendar.mjs'], [['text' => $text]])[0],
            Reference::ask(
                ['/usr/bin/python3', dirname(__DIR__) . '/Outside/read_calendar.py'],
                [['text' => $text]],
            )[0],
        ];
        foreach ($answers as $answer) {
            self::assertSame(['VTIMEZONE', 'VAVAILABILITY'], $answer['components'] ?? null);
            self::assertSame(substr_count($text, 'BEGIN:AVAILABLE'), $answer['available'] ?? null);
            self::assertContains('FREQ=MONTHLY;COUNT=6;INTERVAL=2;BYDAY=-1FR', $answer['rules'] ?? []);
        }
    }

    /** @param  list<string>  $arguments */
    private static function slots(array $arguments, string $input = ''): Process
    {
        $process = new Process(
            [dirname(__DIR__, 3) . '/bin/recess', 'slots', ...$arguments],
            cwd: __DIR__,
            input: $input,
        );
        $process->run();

        return $process;
    }

    public function test_the_command_makes_slots_of_availability_less_what_is_busy(): void
    {
        $busy = tempnam(sys_get_temp_dir(), 'busy') . '.ics';
        file_put_contents(
            $busy,
            "BEGIN:VCALENDAR\nVERSION:2.0\nBEGIN:VEVENT\nUID:x\nDTSTART:20111107T150000Z\nDTEND:20111107T153000Z\nEND:VEVENT\nEND:VCALENDAR\n",
        );
        $asked = [
            'rfc7953-monday-to-friday.ics',
            '--minutes',
            '15',
            '--from',
            '2011-11-07',
            '--to',
            '2011-11-08',
            '--busy',
            $busy,
        ];

        $json = self::slots($asked);
        self::assertSame([0, ''], [$json->getExitCode(), $json->getErrorOutput()]);
        $slots = json_decode($json->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertCount(32, $slots);
        self::assertSame(
            ['start' => '2011-11-07T09:00:00-05:00', 'end' => '2011-11-07T09:15:00-05:00', 'state' => 'free'],
            $slots[0],
        );
        // Common practice, no published source: a busy half hour over 15-minute slots takes out 2.
        self::assertSame(
            ['2011-11-07T10:00:00-05:00', '2011-11-07T10:15:00-05:00'],
            array_column(array_filter($slots, static fn(array $slot): bool => $slot['state'] === 'busy'), 'start'),
        );

        $ics = self::slots([...$asked, '--format', 'ics'])->getOutput();
        self::assertSame([30, 2], [substr_count($ics, 'FBTYPE=FREE:'), substr_count($ics, 'FBTYPE=BUSY:')]);
        self::assertStringContainsString(
            "Mon 2011-11-07  10:15-10:30  busy\n",
            self::slots([...$asked, '--format=text'])->getOutput(),
        );
        self::assertStringContainsString(
            '2011-11-07T14:00:00+00:00',
            self::slots([...$asked, '--zone', 'UTC'])->getOutput(),
        );
        self::assertSame(
            '[]',
            trim(
                self::slots(
                    ['-', '--minutes', '15', '--from', '2011-11-05', '--to', '2011-11-07'],
                    (string) file_get_contents(__DIR__ . '/rfc7953-monday-to-friday.ics'),
                )->getOutput(),
            ),
        );
        unlink($busy);
    }

    public function test_the_command_says_what_is_wrong_and_ends_with_2_or_1(): void
    {
        $good = ['rfc7953-monday-to-friday.ics', '--minutes', '15', '--from', '2011-11-07', '--to', '2011-11-08'];
        foreach (
            [
                [[], 2, 'availability file is needed'],
                [['a.ics', '--minutes', '15'], 2, '--from is needed'],
                [[...$good, '--minutes', '0'], 2, 'from 1 to 1440'],
                [[...$good, '--from', '2011-02-30'], 2, 'no date'],
                [[...$good, '--to', '2011-11-07'], 2, 'later than --from'],
                [[...$good, '--zone', 'Gannet'], 2, 'no time zone'],
                [[...$good, '--colour', 'red'], 2, 'does not know --colour'],
                [[...$good, '--format', 'xml'], 2, 'json, ics or text'],
                [['missing.ics', ...array_slice($good, 1)], 1, 'no such file'],
                [['AvailabilityTest.php', ...array_slice($good, 1)], 1, 'Line 1'],
                [['-', ...array_slice($good, 1)], 1, 'Line 1'],
            ]
            as [$arguments, $status, $says]
        ) {
            $process = self::slots($arguments);
            self::assertSame([$status, ''], [$process->getExitCode(), $process->getOutput()], implode(' ', $arguments));
            self::assertStringContainsString($says, $process->getErrorOutput());
        }
        $bad = str_replace(
            'FREQ=WEEKLY',
            'FREQ=OFTEN',
            (string) file_get_contents(__DIR__ . '/rfc7953-monday-to-friday.ics'),
        );
        self::assertStringContainsString(
            'Line 23: The repeat cannot be read: FREQ=OFTEN.',
            self::slots(['-', ...array_slice($good, 1)], $bad)->getErrorOutput(),
        );
    }
}
