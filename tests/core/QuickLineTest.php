<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Quick\Context;
use Recess\Quick\Note;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickNotReadable;
use Recess\Quick\QuickPrint;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

final class QuickLineTest extends TestCase
{
    use TestTrait;

    private static function context(): Context
    {
        $d = LocalDate::parse(...);

        return new Context($d('2026-11-24'), ['autumn term' => DateRange::of($d('2026-09-07'), $d('2026-12-18')), 'spring' => DateRange::of($d('2027-01-05'), $d('2027-03-26'))]);
    }

    /** @return iterable<string, array{string, list<string>, list<string>}> typed, said back, and what was noted */
    public static function lines(): iterable
    {
        $lines = [
            'tue thu 10:25-11:35 /15 gap 5 until 28 May' => [['tue thu 10:25-11:35 /15 gap 5 from 2026-11-24 until 2027-05-28'], []],
            'Tuesdays and THURSDAY, 930-10.30 15min until 2027-01-31' => [['tue thu 09:30-10:30 /15 from 2026-11-24 until 2027-01-31'], []],
            '3 dec, 5 dec 4-6pm 6.30pm-8pm /10' => [['2026-12-03, 2026-12-05 16:00-18:00 18:30-20:00 /10'], ['4 was read as 16:00.']],
            '3-5 dec 9-5 /30' => [['2026-12-03, 2026-12-04, 2026-12-05 09:00-17:00 /30'], ['5 was read as 17:00, later than 09:00.']],
            '1 dec to 3 dec 9h30-10,30 /20' => [['2026-12-01, 2026-12-02, 2026-12-03 09:30-10:30 /20'], []],
            'every other week wed 11am-1pm /30 10 times' => [['wed 11:00-13:00 /30 every 2 weeks from 2026-11-24 10 times'], []],
            'first mon last fri 16:00-17:00 /20 every 2 months until 1 july' => [['1st mon last fri 16:00-17:00 /20 every 2 months from 2026-11-24 until 2027-07-01'], []],
            '15th last day 8-9 /30 5 times' => [['15th day last day 08:00-09:00 /30 from 2026-11-24 5 times'], []],
            'mon wed 9-10 fri 13:30-15:00 /15 in autumn term except 21 dec - 3 jan, 1 nov plus 6 jun' => [['mon wed 09:00-10:00 fri 13:30-15:00 /15 from 2026-09-07 until 2026-12-18 except 2026-12-21 - 2027-01-03, 2027-11-01 plus 2027-06-06'], []],
            'weekdays 10-11am /15 from 5 jan until spring' => [['mon tue wed thu fri 10:00-11:00 /15 from 2027-01-05 until 2027-03-26'], ['10 was read as 10:00.']],
            'tue 4-6 /15 until 1 jun' => [['tue 04:00-06:00 /15 from 2026-11-24 until 2027-06-01'], ['04:00 is in the early morning. Write 4pm for the afternoon.']],
            'daily 9:00-24:00 /60' => [['mon tue wed thu fri sat sun 09:00-24:00 /60 from 2026-11-24'], ['It repeats without an end. Write until and a date, or 10 times.']],
            'tue 10-11 /15 3 times; 29 feb 10-11 /15' => [['tue 10:00-11:00 /15 from 2026-11-24 3 times', '2028-02-29 10:00-11:00 /15'], []],
        ];
        foreach ($lines as $line => [$said, $notes]) {
            yield $line => [$line, $said, $notes];
        }
    }

    /**
     * @param  list<string>  $said
     * @param  list<string>  $notes
     */
    #[DataProvider('lines')]
    public function test_it_says_back_what_it_understood(string $line, array $said, array $notes): void
    {
        $read = QuickLine::parse($line, self::context());
        self::assertSame($said, array_map(QuickPrint::line(...), $read->blocks));
        self::assertSame($notes, array_map(static fn (Note $note): string => $note->message, $read->notes));
    }

    /** @return iterable<string, array{string, int, string}> the line, where it stops, and what is said */
    public static function mistakes(): iterable
    {
        foreach ([
            ['', 0, 'on which days'], ['tue', 3, 'from when until when'], ['tue 10-11', 9, 'how long a meeting is'], ['tuesdog 10-11 /15', 0, '“tuesdog” is not understood'],
            ['tue 25:00-26:00 /5', 4, 'not a time of day'], ['tue 11:00-11:00 /5', 4, 'later than the start'], ['tue 10-11 /15 until tomorrow', 20, 'A date is needed'], ['tue 10-11 /15 in summer', 17, 'No term of that name'],
            ['31 feb 10-11 /15', 0, 'no day 31'], ['2026-02-30 10-11 /15', 0, 'no date'], ['tue 10-11 /15 /20', 14, 'said twice'], ['tue 10-11 /90', 0, 'does not fit'], ['tue 10-11 /15 gap x', 18, 'A number is needed'],
            ['tue 10-11 /15 0 times', 14, 'from 1 to 10000'], ['every wombat 10-11 /15', 6, 'Every what?'], ['tue 10-12 11-13 /15', 0, 'overlap'], ['6th tue 10-11 /15', 0, 'numbered 1 to 5'], ['tue 10-11 /15 except', 20, 'A date is needed'],
            ['3 dec 10-11 /15 zzz', 16, '“zzz” is not understood'],
        ] as [$line, $position, $says]) {
            yield $line => [$line, $position, $says];
        }
    }

    #[DataProvider('mistakes')]
    public function test_an_error_points_at_the_character(string $line, int $position, string $says): void
    {
        try {
            QuickLine::parse($line, self::context());
            self::fail('It was understood.');
        } catch (QuickNotReadable $failure) {
            self::assertStringContainsString($says, $failure->getMessage());
            self::assertSame($position, $failure->position);
        }
    }

    public function test_every_block_that_can_be_said_is_printed_and_read_back_the_same(): void
    {
        $chance = new Randomizer(new Mt19937(24));
        for ($round = 0; $round < 500; $round++) {
            $block = self::someBlock($chance);
            $line = QuickPrint::line($block);
            $read = QuickLine::parse($line, self::context());
            self::assertEquals([$block], $read->blocks, $line);
            self::assertSame($line, QuickPrint::line($read->blocks[0]));
        }
    }

    private static function someBlock(Randomizer $chance): Block
    {
        $date = static fn (): LocalDate => LocalDate::parse('2026-11-24')->plusDays($chance->getInt(0, 700));
        $stretches = static function () use ($chance): Stretches {
            $from = $chance->getInt(0, 600);
            $first = Hours::lasting(LocalTime::ofMinute($from), $chance->getInt(60, 200));

            return $chance->getInt(0, 2) > 0 ? Stretches::of($first) : Stretches::of($first, Hours::lasting(LocalTime::ofMinute($from + $first->minutes + $chance->getInt(0, 90)), 60));
        };
        $ending = match ($chance->getInt(0, 2)) {
            0 => Ending::never(),
            1 => Ending::times($chance->getInt(1, 99)),
            default => Ending::until($date()),
        };
        $days = array_map(static fn (int $key): Weekday => Weekday::from($key + 1), $chance->pickArrayKeys(range(1, 7), $chance->getInt(1, 7)));
        $kind = $chance->getInt(0, 2);
        $pattern = match ($kind) {
            0 => OnDates::of($date(), $date(), $date()),
            1 => Weekly::on($days, $date(), $ending, $chance->getInt(1, 6)),
            default => Monthly::on([MonthDay::nth([1, 2, 3, 4, 5, -1][$chance->getInt(0, 5)], $days[0]), MonthDay::date($chance->getInt(1, 31))], $date(), $ending, $chance->getInt(1, 6)),
        };
        if ($chance->getInt(0, 1) === 1) {
            $first = $date();
            $pattern = Adjusted::of($pattern, Dates::of(DateRange::of($first, $first->plusDays($chance->getInt(0, 20))), DateRange::day($date())), $chance->getInt(0, 1) === 1 ? [$date(), $date()] : []);
        }
        $block = Block::of($pattern, $stretches(), Cut::of($chance->getInt(1, 60), $chance->getInt(0, 1) * 5));
        foreach ($kind === 1 && $chance->getInt(0, 1) === 1 ? $days : [] as $day) {
            $other = $stretches();
            if ($chance->getInt(0, 1) === 1 && $other != $block->usual) {
                $block = $block->onWeekday($day, $other);
            }
        }

        return $block;
    }

    public function test_garbage_is_refused_in_words_and_never_crashes(): void
    {
        $words = ['tue', 'thu', 'every', '2', 'weeks', '10:25-11:35', '4-6pm', '/15', 'gap', 'until', 'except', 'plus', 'in', 'from', '28', 'may', '2027-02-30', '-', '..', ',', ';', 'last', '3rd', 'autumn', 'term', '9,30', '🎒', "\u{202E}", "\0", "\xFF", '99999999999999999999', 'times'];
        $this->limitTo(400)->forAll(Generators::seq(Generators::elements($words)), Generators::string())->then(function (array $some, string $noise): void {
            foreach ([implode(' ', $some), $noise, implode('', $some)] as $line) {
                try {
                    $read = QuickLine::parse($line, self::context());
                    // Whatever is taken for a block can be said back, and means the same.
                    $again = QuickLine::parse(implode('; ', array_map(QuickPrint::line(...), $read->blocks)), self::context());
                    self::assertEquals($read->blocks, $again->blocks);
                } catch (QuickNotReadable $failure) {
                    self::assertLessThanOrEqual(mb_strlen(mb_scrub($line)), $failure->position + $failure->length);
                    self::assertStringContainsString('character', $failure->getMessage());
                }
            }
        });
        $this->expectException(QuickNotReadable::class);
        QuickLine::parse(str_repeat('tue ', 100_000), self::context());
    }
}
