<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Recess\Asker;
use Recess\Changes\Booked;
use Recess\Changes\Edit;
use Recess\Changes\Edited;
use Recess\Changes\Effect;
use Recess\Changes\Left;
use Recess\Changes\Opening;
use Recess\Held;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;
use Recess\Rules\Travel;
use Recess\Slots\InARow;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Recess\Timetable;
use Recess\World;

/** Some are met for several times in a row, and some only while an interpreter is free: what the judge says to them, and what an edit does. */
final class LongerMeetingsTest extends TestCase
{
    use TestTrait;

    public function test_what_follows_one_another_is_one_meeting_and_over_a_break_none_goes(): void
    {
        $at = static fn(int ...$minutes): array => array_map(
            static fn(int $minute): Span => Span::of($minute * 60, ($minute + 10) * 60),
            $minutes,
        );

        self::assertEquals(Span::of(0, 1200), InARow::from($at(0, 10), 0, 2));
        self::assertEquals(Span::of(900, 2400), InARow::from($at(0, 15, 30), 1, 2), 'a gap of five is none');
        self::assertNull(InARow::from($at(0, 20), 0, 2), 'what is as long as a slot is a break');
        self::assertNull(InARow::from($at(0, 10), 1, 2));
        self::assertEquals(Span::of(0, 600), InARow::from($at(0, 30), 0, 1));
    }

    /** Whatever is held and busy: it can be had for twice as long where this slot and the next one can. */
    public function test_as_long_as_all_of_it_is_free(): void
    {
        $this->forAll(
            Generators::seq(Generators::choose(0, 3)),
            Generators::seq(Generators::tuple(Generators::choose(-10, 55), Generators::choose(5, 30))),
            Generators::choose(1, 3),
        )->then(static function (array $held, array $busy, int $times): void {
            $minute = static fn(int $minutes): int => Afternoon::at('16:00') + $minutes * 60;
            $spans = array_map(
                static fn(array $one): Span => Span::of($minute($one[0]), $minute($one[0] + $one[1])),
                $busy,
            );
            $taken = array_map(
                static fn(int $slot): Held => new Held(1, Span::of($minute(15 * $slot), $minute(15 * $slot + 15))),
                array_values(array_unique($held)),
            );
            $world = World::of(Afternoon::at('12:00'), $taken, [1 => Spans::of($spans)]);
            $once = Timetable::of(Afternoon::sheet(), $world);
            $longer = $once->seenBy(Asker::known(new Claims(), new Claims(), null, $times));
            $free = array_map(static fn($offer): bool => $offer->verdict->isFree(), $once->offers());
            foreach ($longer->offers() as $i => $offer) {
                $row = array_slice($free, $i, $times);
                self::assertSame(count($row) === $times && !in_array(false, $row, true), $offer->verdict->isFree());
                self::assertSame($i + $times <= 4 ? 900 * $times : null, $longer->whole($offer->slot)?->seconds());
            }
        });
    }

    public function test_the_rest_of_a_meeting_is_nobodys_and_the_reason_is_the_true_one(): void
    {
        $rest = new Held(1, Afternoon::slot('16:15'), alongside: true);
        $world = World::of(Afternoon::at('12:00'), [new Held(1, Afternoon::slot('16:00')), $rest]);
        self::assertSame('taken, busy, free, free', Afternoon::states(Timetable::of(Afternoon::sheet(), $world)));

        // The visitor is elsewhere in the second half, the host has closed one, the last has nothing after it.
        $elsewhere = new Claims(0, [new Engagement(Afternoon::span('16:20', '16:25'))]);
        $sheet = Afternoon::sheet([], ['slotsClosed' => Spans::of([Afternoon::slot('16:45')])]);
        $asks = Timetable::of(
            $sheet,
            World::of(Afternoon::at('12:00'), asker: Asker::known($elsewhere, new Claims(), null, 2)),
        );
        self::assertSame(
            [Because::VisitorElsewhere, Because::VisitorElsewhere, Because::NotLongEnough, Because::SlotClosed],
            self::first($asks),
        );
        self::assertFalse($asks->offers()[2]->verdict->hostMayPass(), 'nobody makes an evening longer');
    }

    public function test_whoever_needs_an_interpreter_is_met_while_one_of_them_is_free_all_along(): void
    {
        // One until 16:20, the other from then on: at 16:15 neither is there for all of it.
        $free = [[Afternoon::span('16:00', '16:20')], [Afternoon::span('16:20', '17:00')]];
        $asker = Asker::known(new Claims(), new Claims(), interpreters: $free);
        self::assertFalse($asker->isAnybody());
        $asks = Timetable::of(Afternoon::sheet(), World::of(Afternoon::at('12:00'), asker: $asker));
        self::assertSame([null, Because::NoInterpreter, null, null], self::first($asks));
        self::assertSame([null, null, null, null], self::first($asks->seenBy(Asker::anybody())));
        $nobody = $asks->seenBy(Asker::known(new Claims(), new Claims(), interpreters: []));
        self::assertSame(array_fill(0, 4, Because::NoInterpreter), self::first($nobody));
    }

    /** An edit knows a longer meeting by its slot; nobody is sent onto the rest of it, and it is sent nowhere unasked. */
    public function test_an_edit_leaves_it_whole_and_sends_nobody_onto_its_rest(): void
    {
        $long = new Booked('long', Afternoon::slot('16:00'), 0, whole: Afternoon::span('16:00', '16:30'));
        $gone = new Booked('gone', Afternoon::slot('15:00'), 0);
        $effect = self::effect([$long, $gone], ['16:00', '16:15', '16:30']);
        self::assertSame(['long'], array_column($effect->stays, 'id'));
        self::assertSame(
            [Afternoon::at('16:30')],
            array_map(static fn(Left $left): ?int => $left->proposed?->start, $effect->left),
        );

        $lost = new Booked('long', Afternoon::slot('15:00'), 0, whole: Afternoon::span('15:00', '15:30'));
        [$left] = self::effect([$lost], ['16:00', '16:30', '16:45'])->left;
        self::assertNull($left->proposed);
        self::assertSame([Afternoon::at('16:30')], array_column($left->nearest, 'start'), 'only there as much is free');
    }

    /** @return list<Because|null> what stands first against each slot */
    private static function first(Timetable $timetable): array
    {
        return array_map(
            static fn(Offer $offer): ?Because => $offer->verdict->reasons[0]->because ?? null,
            $timetable->offers(),
        );
    }

    /**
     * @param  list<Booked>  $bookings
     * @param  list<string>  $slots
     */
    private static function effect(array $bookings, array $slots): Effect
    {
        $openings = array_map(static fn(string $from): Opening => new Opening(Afternoon::slot($from), 1, 1), $slots);

        return Edit::effect($bookings, new Edited($openings, [0 => null], new Travel(0), Zone::of('UTC')));
    }
}
