<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\RecessException;
use Recess\Repeat\OnDates;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\SlotsNotValid;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\TimeNotValid;
use Recess\Time\Zone;

final class SlotsTest extends TestCase
{
    /**
     * Check values of the trade: common practice, no published source.
     *
     * @return iterable<string, array{int, int, int, int, int}>
     */
    public static function checkValues(): iterable
    {
        // stretch, length, gap => slots, minutes left over
        yield '180 min by 10' => [180, 10, 0, 18, 0];
        yield '120 min by 15' => [120, 15, 0, 8, 0];
        yield '180 min by 30' => [180, 30, 0, 6, 0];
        yield '240 min by 30' => [240, 30, 0, 8, 0];
        yield '90 min by 10' => [90, 10, 0, 9, 0];
        yield 'a planning period of 70 min by 15' => [70, 15, 0, 4, 10];
        yield 'a lesson of 55 min by 15' => [55, 15, 0, 3, 10];
        // Reckoned by hand: the gap stands between meetings, not after the last.
        yield '60 min by 15, 5 apart' => [60, 15, 5, 3, 5];
        yield '55 min by 15, 5 apart' => [55, 15, 5, 3, 0];
        yield '24 h by 24 h' => [1440, 1440, 0, 1, 0];
    }

    #[DataProvider('checkValues')]
    public function test_a_stretch_is_cut_into_slots(
        int $stretch,
        int $length,
        int $gap,
        int $slots,
        int $leftOver,
    ): void {
        $block = self::block('2026-12-03', Hours::lasting(LocalTime::of(0), $stretch), Cut::of($length, $gap));
        [$pieces] = $block->pieces(LocalDate::parse('2026-12-03'), LocalDate::parse('2026-12-04'), Zone::of('UTC'));

        self::assertCount($slots, $pieces->slots);
        self::assertSame($leftOver * 60, $pieces->leftOver);
        self::assertSame(
            [$slots, $leftOver * 60],
            [$block->cut->count($pieces->stretch), $block->cut->leftOver($pieces->stretch)],
            'Counted, it is the same.',
        );
        self::assertSame($pieces->stretch->end - $leftOver * 60, $pieces->slots[$slots - 1]->end);
    }

    public function test_three_dates_of_240_minutes_by_15_are_48_slots(): void
    {
        // Common practice, no published source.
        $dates = OnDates::of(
            ...array_map(LocalDate::parse(...), ['2026-12-03', '2026-12-01', '2026-12-02', '2026-12-03']),
        );
        $sheet = Afternoon::sheet(
            more: [
                'zone' => Zone::of('America/Halifax'),
                'blocks' => [Block::of($dates, Hours::lasting(LocalTime::of(14), 240), Cut::of(15))],
            ],
        );
        $pieces = $sheet->pieces(LocalDate::parse('2026-12-01'), LocalDate::parse('2026-12-31'));

        self::assertSame([16, 16, 16], array_map(static fn($stretch): int => count($stretch->slots), $pieces));
        self::assertCount(16, $sheet->pieces(LocalDate::parse('2026-12-02'), LocalDate::parse('2026-12-03'))[0]->slots);
    }

    public function test_the_last_of_90_minutes_by_10_begins_10_minutes_before_the_end(): void
    {
        // Common practice, no published source.
        $block = self::block('2026-12-03', Hours::between(LocalTime::of(15), LocalTime::of(16, 30)), Cut::of(10));
        [$pieces] = $block->pieces(LocalDate::parse('2026-12-03'), LocalDate::parse('2026-12-04'), Zone::of('UTC'));

        self::assertSame($pieces->stretch->end - 600, $pieces->slots[8]->start);
    }

    /**
     * A night shift over the clock changes of 2026 in Halifax (tz database: 8 March 02:00 to 03:00, 1 November 02:00 to 01:00).
     *
     * @return iterable<string, array{string, int}>
     */
    public static function nights(): iterable
    {
        yield 'an ordinary night' => ['2026-06-01', 6];
        yield 'the night that skips an hour' => ['2026-03-08', 4];
        yield 'the night with an hour twice' => ['2026-11-01', 8];
    }

    #[DataProvider('nights')]
    public function test_slots_are_cut_in_elapsed_time(string $date, int $slots): void
    {
        $block = self::block($date, Hours::between(LocalTime::of(1), LocalTime::of(4)), Cut::of(30));
        $day = LocalDate::parse($date);
        [$pieces] = $block->pieces($day, $day->plusDays(1), Zone::of('America/Halifax'));

        self::assertCount($slots, $pieces->slots);
        self::assertSame(0, $pieces->leftOver);
    }

    public function test_a_block_that_a_clock_change_swallows_makes_nothing(): void
    {
        $day = LocalDate::parse('2026-03-08');
        $block = self::block('2026-03-08', Hours::between(LocalTime::of(2), LocalTime::of(3)), Cut::of(30));

        // 02:00 to 03:00 does not exist that night: read with the offset before it is 03:00 to 03:00.
        self::assertSame([], $block->pieces($day, $day->plusDays(1), Zone::of('America/Halifax')));
    }

    /** @return iterable<string, array{\Closure(): mixed, class-string<\Throwable>, string}> */
    public static function impossible(): iterable
    {
        yield 'no minutes' => [static fn() => Cut::of(0), SlotsNotValid::class, 'from 1 to 1440 minutes; 0'];
        yield 'minutes below nothing' => [static fn() => Cut::of(-15), SlotsNotValid::class, '-15'];
        yield 'a gap below nothing' => [static fn() => Cut::of(15, -5), SlotsNotValid::class, 'from 0 to 1440'];
        yield 'end before start' => [
            static fn() => Hours::between(LocalTime::of(16), LocalTime::of(4)),
            TimeNotValid::class,
            '04:00, has to be later than the start, 16:00',
        ];
        yield 'more than a day' => [
            static fn() => Hours::lasting(LocalTime::of(8), 1441),
            TimeNotValid::class,
            '24 hours at most',
        ];
        yield 'longer than the block' => [
            static fn() => self::block(
                '2026-12-03',
                Hours::between(LocalTime::of(16), LocalTime::of(16, 10)),
                Cut::of(15),
            ),
            SlotsNotValid::class,
            'does not fit between 16:00 and 16:10',
        ];
        yield 'no such date' => [
            static fn() => LocalDate::parse('2026-02-29'),
            TimeNotValid::class,
            'no date “2026-02-29”',
        ];
        yield 'no such zone' => [static fn() => Zone::of('Atlantic/Gannet_Cove'), TimeNotValid::class, 'no time zone'];
    }

    /**
     * @param  \Closure(): mixed  $making
     * @param  class-string<RecessException>  $failure
     */
    #[DataProvider('impossible')]
    public function test_nothing_impossible_can_be_made(\Closure $making, string $failure, string $says): void
    {
        try {
            $making();
            self::fail('It was made.');
        } catch (RecessException $refused) {
            self::assertInstanceOf($failure, $refused);
            self::assertStringContainsString($says, InEnglish::why($refused));
        }
    }

    private static function block(string $date, Hours $hours, Cut $cut): Block
    {
        return Block::of(OnDates::of(LocalDate::parse($date)), $hours, $cut);
    }
}
