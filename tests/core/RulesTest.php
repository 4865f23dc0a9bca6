<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Offer;
use Recess\Repeat\OnDates;
use Recess\Rules\Busy;
use Recess\Rules\Lead;
use Recess\Rules\Past;
use Recess\Rules\Rules;
use Recess\Rules\Situation;
use Recess\Rules\State;
use Recess\Rules\Taken;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Recess\Timetable;

final class RulesTest extends TestCase
{
    private const DAY = '2026-12-03';

    /** Four slots of 15 minutes from 16:00. @return list<Offer> */
    private static function offers(Situation $situation, Rules $rules): array
    {
        $date = LocalDate::parse(self::DAY);
        $block = Block::of(OnDates::of($date), Hours::between(LocalTime::of(16), LocalTime::of(17)), Cut::of(15));

        return Timetable::of(Zone::of('UTC'), [$block], $rules)->offers($date, $date->plusDays(1), $situation);
    }

    private static function at(string $time): int
    {
        return (int) strtotime(self::DAY."T$time:00Z");
    }

    /** @param  list<Offer>  $offers */
    private static function states(array $offers): string
    {
        return implode(', ', array_map(static fn (Offer $offer): string => $offer->verdict->state->value, $offers));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function moments(): iterable
    {
        // Least notice 24 h: common practice, no published source.
        yield 'two days before' => ['2026-12-01T12:00:00Z', 'free, free, free, free'];
        yield 'to the second 24 h before the first' => ['2026-12-02T16:00:00Z', 'free, free, free, free'];
        yield 'a second later' => ['2026-12-02T16:00:01Z', 'too soon, free, free, free'];
        yield 'on the day' => ['2026-12-03T15:59:59Z', 'too soon, too soon, too soon, too soon'];
        yield 'as the first begins' => ['2026-12-03T16:00:00Z', 'past, too soon, too soon, too soon'];
        yield 'afterwards' => ['2026-12-03T18:00:00Z', 'past, past, past, past'];
    }

    #[DataProvider('moments')]
    public function test_lead_and_past(string $now, string $states): void
    {
        $rules = Rules::of(new Past, new Lead(1440));
        self::assertSame($states, self::states(self::offers(Situation::untouched((int) strtotime($now)), $rules)));
    }

    public function test_a_group_slot_for_five_closes_at_the_fifth_booking(): void
    {
        // Common practice, no published source.
        $rules = Rules::of(new Taken(5));
        $four = new Situation(0, [self::at('16:15') => 4], Spans::none());
        $five = new Situation(0, [self::at('16:15') => 5], Spans::none());

        self::assertSame('free, free, free, free', self::states(self::offers($four, $rules)));
        self::assertSame('free, taken, free, free', self::states(self::offers($five, $rules)));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function busy(): iterable
    {
        // Common practice, no published source: a busy half hour over 15-minute slots takes out 2.
        yield 'half an hour on the marks' => ['16:15', '16:45', 'free, busy, busy, free'];
        yield 'a minute into the next' => ['16:15', '16:46', 'free, busy, busy, busy'];
        yield 'only touching' => ['15:00', '16:00', 'free, free, free, free'];
        yield 'all of it' => ['15:00', '18:00', 'busy, busy, busy, busy'];
    }

    #[DataProvider('busy')]
    public function test_busy_time_takes_out_what_it_touches_and_moves_nothing(string $from, string $until, string $states): void
    {
        $situation = new Situation(0, [], Spans::of([Span::of(self::at($from), self::at($until))]));
        self::assertSame($states, self::states(self::offers($situation, Rules::of(new Busy))));
    }

    public function test_several_reasons_hold_and_the_first_of_the_list_is_given(): void
    {
        $situation = new Situation(self::at('16:20'), [self::at('16:00') => 1], Spans::none());
        $offers = self::offers($situation, Rules::of(new Past, new Taken(1), new Lead(60)));

        self::assertSame([State::Past, State::Taken, State::TooSoon], array_column($offers[0]->verdict->reasons, 'state'));
        self::assertSame('past, past, too soon, too soon', self::states($offers));
    }

    public function test_the_nearest_free_slots_are_given_nearest_first(): void
    {
        $situation = new Situation(0, [self::at('16:15') => 1], Spans::none());
        $nearest = Timetable::nearestFree(self::offers($situation, Rules::of(new Taken(1))), self::at('16:15'), 2);

        self::assertSame([self::at('16:00'), self::at('16:30')], array_column($nearest, 'start'));
    }
}
