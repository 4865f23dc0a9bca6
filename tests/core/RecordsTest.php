<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Quick\Context;
use Recess\Quick\QuickLine;
use Recess\Records\BlockReader;
use Recess\Records\BlockRecord;
use Recess\Records\RecordNotValid;
use Recess\Repeat\Adjusted;
use Recess\Repeat\Ending;
use Recess\Repeat\MonthDay;
use Recess\Repeat\Monthly;
use Recess\Repeat\OnDates;
use Recess\Repeat\Pattern;
use Recess\Repeat\Weekly;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\DayChange;
use Recess\Slots\Stretches;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;
use Recess\Time\Zone;

/** A block as a record: every block there is goes out and comes back, and what is none is said at its field. */
final class RecordsTest extends TestCase
{
    private static function random(Randomizer $chance): Block
    {
        $first = LocalDate::parse('2026-09-01')->plusDays($chance->getInt(0, 200));
        $ending = match ($chance->getInt(0, 2)) {
            0 => Ending::never(),
            1 => Ending::until($first->plusDays($chance->getInt(7, 300))),
            default => Ending::times($chance->getInt(1, 60)),
        };
        $days = array_map(
            static fn(int|string $i): Weekday => Weekday::cases()[(int) $i],
            $chance->pickArrayKeys(Weekday::cases(), $chance->getInt(1, 7)),
        );
        $pattern = match ($chance->getInt(0, 2)) {
            0 => OnDates::of(
                ...array_map(
                    static fn(): LocalDate => $first->plusDays($chance->getInt(0, 100)),
                    range(1, $chance->getInt(1, 6)),
                ),
            ),
            1 => Weekly::on($days, $first, $ending, $chance->getInt(1, 4)),
            default => Monthly::on(
                [
                    $chance->getInt(0, 1) === 0
                        ? MonthDay::date($chance->getInt(1, 31))
                        : MonthDay::nth([1, 2, 3, 4, 5, -1, -2][$chance->getInt(0, 6)], $days[0]),
                ],
                $first,
                $ending,
                $chance->getInt(1, 3),
            ),
        };
        $block = Block::of(
            self::adjusted($pattern, $first, $chance),
            self::stretches($chance),
            Cut::of($chance->getInt(5, 30), $chance->getInt(0, 15)),
        );
        foreach ($chance->getInt(0, 3) === 0 ? $days : [] as $day) {
            $block = $block->onWeekday($day, self::stretches($chance));
        }
        for ($i = $chance->getInt(0, 3); $i > 0; $i--) {
            $date = $first->plusDays($chance->getInt(0, 60));
            $block = $block->withChange(
                $date,
                match ($chance->getInt(0, 2)) {
                    0 => DayChange::closed(),
                    1 => DayChange::movedTo($date->plusDays(1)),
                    default => DayChange::otherHours($date, self::stretches($chance)),
                },
            );
        }

        return $block;
    }

    private static function adjusted(Pattern $pattern, LocalDate $first, Randomizer $chance): Pattern
    {
        return $chance->getInt(0, 2) > 0
            ? $pattern
            : Adjusted::of(
                $pattern,
                Dates::of(DateRange::of($first->plusDays(10), $first->plusDays(10 + $chance->getInt(0, 20)))),
                [$first->plusDays($chance->getInt(0, 90))],
            );
    }

    private static function stretches(Randomizer $chance): Stretches
    {
        $morning = Hours::between(
            LocalTime::ofMinute(480 + $chance->getInt(0, 12) * 5),
            LocalTime::ofMinute(600 + $chance->getInt(0, 24) * 5),
        );
        $late = Hours::lasting(LocalTime::ofMinute(1200 + $chance->getInt(0, 40) * 5), $chance->getInt(6, 60) * 5);

        return $chance->getInt(0, 1) === 0 ? Stretches::of($morning) : Stretches::of($morning, $late);
    }

    public function test_every_block_comes_back_as_it_was_through_json(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $zone = Zone::of('America/St_Johns');
        for ($i = 0; $i < 400; $i++) {
            $block = self::random($chance);
            $record = BlockRecord::of($block);
            $json = json_encode($record, JSON_THROW_ON_ERROR);
            $back = BlockReader::read((array) json_decode($json, true, flags: JSON_THROW_ON_ERROR));
            self::assertEquals($record, BlockRecord::of($back), $json);
            [$from, $before] = [LocalDate::parse('2026-08-01'), LocalDate::parse('2027-12-31')];
            self::assertEquals($block->pieces($from, $before, $zone), $back->pieces($from, $before, $zone), $json);
        }
    }

    public function test_what_the_quick_line_says_is_a_record_too(): void
    {
        $said = QuickLine::parse(
            'mon wed 9-10 fri 13:30-15:00 /15 gap 5 every 2 weeks from 5 jan until 18 jun except 1-5 feb plus 6 jun',
            new Context(LocalDate::parse('2026-11-24')),
        );
        $record = BlockRecord::of($said->blocks[0]);
        self::assertSame(
            ['weekly', [1, 3, 5], 2, '2027-01-05', '2027-06-18', 15, 5],
            [
                $record['kind'],
                $record['weekdays'],
                $record['every'],
                $record['first'],
                $record['until'],
                $record['minutes'],
                $record['gap'],
            ],
        );
        self::assertSame([['from' => '09:00', 'until' => '10:00', 'overnight' => false]], $record['hours']);
        self::assertSame(
            [['weekday' => 5, 'hours' => [['from' => '13:30', 'until' => '15:00', 'overnight' => false]]]],
            $record['other'],
        );
        self::assertSame(
            [[['first' => '2027-02-01', 'last' => '2027-02-05']], ['2027-06-06']],
            [$record['except'], $record['plus']],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>}> a change to a good record, and where it is said */
    public static function faults(): iterable
    {
        yield 'all at once' => [
            ['dates' => ['2026-02-30'], 'hours' => [['from' => '25:00', 'until' => 'noon']], 'gap' => 'x'],
            [
                'dates' => 'no date',
                'hours.0.from' => 'past midnight',
                'hours.0.until' => 'not a time',
                'gap' => 'whole number',
            ],
        ];
        yield 'no kind there is' => [['kind' => 'yearly'], ['kind' => 'yearly']];
        yield 'no dates' => [['dates' => []], ['dates' => 'No date']];
        yield 'an eighth day' => [
            ['kind' => 'weekly', 'first' => '2026-12-01', 'weekdays' => [8]],
            ['weekdays' => 'at least one day'],
        ];
        yield 'a sixth Tuesday' => [
            ['kind' => 'monthly', 'first' => '2026-12-01', 'month_days' => ['6TU']],
            ['month_days' => '6 was given'],
        ];
        yield 'words for a day of the month' => [
            ['kind' => 'monthly', 'first' => '2026-12-01', 'month_days' => ['payday']],
            ['month_days' => 'payday'],
        ];
        yield 'a repeat of nothing' => [
            ['kind' => 'weekly', 'first' => '2026-12-01', 'weekdays' => [2], 'times' => 0],
            ['times' => '0 was given'],
        ];
        yield 'a range backwards' => [
            ['except' => [['first' => '2026-12-05', 'last' => '2026-12-01']]],
            ['except' => 'before'],
        ];
        yield 'a range of a century' => [
            ['except' => [['first' => '2026-12-05', 'last' => '2126-12-01']]],
            ['except' => 'more than ten years'],
        ];
        yield 'stretches across one another' => [
            ['hours' => [['from' => '9', 'until' => '11'], ['from' => '10', 'until' => '12']]],
            ['hours' => 'overlap'],
        ];
        yield 'a change to no date' => [
            ['changes' => [['date' => '2026-12-03', 'to' => 'tomorrow']]],
            ['changes.0' => 'tomorrow'],
        ];
        yield 'lists that are none' => [
            ['dates' => 'all', 'hours' => 'always'],
            ['dates' => 'No date', 'hours' => 'from when until when'],
        ];
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  array<string, string>  $said
     */
    #[DataProvider('faults')]
    public function test_a_fault_is_said_at_its_field(array $change, array $said): void
    {
        try {
            BlockReader::read(
                $change + [
                    'kind' => 'dates',
                    'dates' => ['2026-12-03'],
                    'hours' => [['from' => '16:00', 'until' => '17:00']],
                    'minutes' => 15,
                    'gap' => 0,
                ],
            );
            self::fail('It was read.');
        } catch (RecordNotValid $failure) {
            self::assertSame(
                array_keys($said),
                array_intersect(array_keys($said), array_keys($failure->errors)),
                implode(' ', $failure->errors),
            );
            foreach ($said as $field => $words) {
                self::assertStringContainsString($words, InEnglish::say($failure->errors[$field]));
            }
        }
    }

    public function test_garbage_is_refused_and_never_crashes(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        $junk = [
            null,
            true,
            3,
            -1,
            1e9,
            '',
            'x',
            '2026-12-03',
            '16:00',
            [],
            [[]],
            [null],
            ['from' => []],
            [['from' => '16:00', 'until' => '17:00']],
            "\xff",
            str_repeat('9', 5000),
        ];
        $fields = array_keys(
            BlockRecord::of(
                Block::of(
                    OnDates::of(LocalDate::parse('2026-12-03')),
                    Hours::between(LocalTime::of(16), LocalTime::of(17)),
                    Cut::of(15),
                ),
            ),
        );
        $read = 0;
        for ($i = 0; $i < 3_000; $i++) {
            $record = [];
            foreach ($fields as $field) {
                $record[$field] = $junk[$chance->getInt(0, count($junk) - 1)];
            }
            try {
                BlockReader::read($record);
                $read++;
            } catch (RecordNotValid $failure) {
                self::assertNotSame([], $failure->errors);
            }
        }
        self::assertLessThan(300, $read);
    }
}
