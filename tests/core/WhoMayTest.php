<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Recess\Asker;
use Recess\Offer;
use Recess\Repeat\OnDates;
use Recess\Rules\Because;
use Recess\Rules\Claims;
use Recess\Rules\Closes;
use Recess\Rules\Elsewhere;
use Recess\Rules\Engagement;
use Recess\Rules\FurthestAhead;
use Recess\Rules\LeadDays;
use Recess\Rules\Opens;
use Recess\Rules\PerPeriod;
use Recess\Rules\PerStudent;
use Recess\Rules\PerVisitor;
use Recess\Rules\Rule;
use Recess\Rules\SheetIs;
use Recess\Rules\SlotClosed;
use Recess\Rules\Standing;
use Recess\Rules\Travel;
use Recess\Rules\WorkingDays;
use Recess\Sheet;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\SlotsNotValid;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Recess\Timetable;
use Recess\World;

/** Each rule, with the moment before and the moment after it changes its mind. The slot is 16:00 to 16:15 on Monday 7 December 2026 in Halifax. */
final class WhoMayTest extends TestCase
{
    private static function at(string $moment): int
    {
        return (int) strtotime($moment);
    }

    private static function slot(): Span
    {
        return Span::of(self::at('2026-12-07T20:00:00Z'), self::at('2026-12-07T20:15:00Z'));
    }

    /** @return iterable<string, array{Rule|Standing, World, Because|null, string|null}> what is found against the slot, and until when */
    public static function cases(): iterable
    {
        $halifax = Zone::of('America/Halifax');
        $now = static fn(string $moment): World => World::of(self::at($moment));
        $span = static fn(string $from, string $until): Span => Span::of(
            self::at("2026-12-07T$from:00Z"),
            self::at("2026-12-07T$until:00Z"),
        );

        // Furthest ahead 60 days: common practice, no published source.
        yield '60 days before' => [new FurthestAhead(60), $now('2026-10-08T20:00:00Z'), null, null];
        yield 'a second earlier' => [
            new FurthestAhead(60),
            $now('2026-10-08T19:59:59Z'),
            Because::TooFarAhead,
            '2026-10-08T20:00:00Z',
        ];

        $opens = new Opens(self::at('2026-11-30T22:00:00Z'));
        yield 'before it opens, Monday 18:00' => [
            $opens,
            $now('2026-11-30T21:59:59Z'),
            Because::NotOpenYet,
            '2026-11-30T22:00:00Z',
        ];
        yield 'as it opens' => [$opens, $now('2026-11-30T22:00:00Z'), null, null];
        $closes = new Closes(self::at('2026-12-01T00:00:00Z'));
        yield 'the second before it closes' => [$closes, $now('2026-11-30T23:59:59Z'), null, null];
        yield 'as it closes' => [$closes, $now('2026-12-01T00:00:00Z'), Because::NoLongerOpen, null];

        $dayBefore = new LeadDays($halifax, 1, LocalTime::of(8));
        yield 'until 08:00 the day before, just' => [$dayBefore, $now('2026-12-06T12:00:00Z'), null, null];
        yield 'until 08:00 the day before, too late' => [
            $dayBefore,
            $now('2026-12-06T12:00:01Z'),
            Because::TooSoon,
            null,
        ];
        // Two working days before a Monday is Thursday, and Wednesday where Friday is closed.
        $working = new LeadDays($halifax, 2, LocalTime::of(12), new WorkingDays(Dates::none()));
        yield 'two working days before, just' => [$working, $now('2026-12-03T16:00:00Z'), null, null];
        yield 'two working days before, too late' => [$working, $now('2026-12-03T16:00:01Z'), Because::TooSoon, null];
        $closedFriday = new LeadDays(
            $halifax,
            2,
            LocalTime::of(12),
            new WorkingDays(Dates::of(DateRange::day(LocalDate::parse('2026-12-04')))),
        );
        yield 'a closed day does not count' => [$closedFriday, $now('2026-12-03T15:00:00Z'), Because::TooSoon, null];

        yield 'once per visitor, not yet' => [new PerVisitor(1), World::of(0), null, null];
        yield 'once per visitor, already' => [
            new PerVisitor(1),
            World::of(0, asker: Asker::known(new Claims(1), new Claims())),
            Because::VisitorHasEnough,
            null,
        ];
        // Weeks begin on Monday (ISO 8601-1, 3.1.1.8); the date is that of the sheet's zone, not of UTC.
        $had = static fn(string ...$at): World => World::of(
            0,
            asker: Asker::known(
                new Claims(
                    count($at),
                    onThisSheetAt: array_map(
                        static fn(string $one): Span => Span::of(self::at($one), self::at($one) + 600),
                        $at,
                    ),
                ),
                new Claims(),
            ),
        );
        $weekly = new PerPeriod($halifax, 1, null);
        yield 'once a week, the Sunday before' => [$weekly, $had('2026-12-07T03:30:00Z'), null, null];
        yield 'once a week, that Monday' => [$weekly, $had('2026-12-07T04:30:00Z'), Because::VisitorHadWeek, null];
        yield 'once a week, that Sunday' => [$weekly, $had('2026-12-14T03:30:00Z'), Because::VisitorHadWeek, null];
        yield 'once a week, the Monday after' => [$weekly, $had('2026-12-14T04:30:00Z'), null, null];
        $monthly = new PerPeriod($halifax, null, 2);
        yield 'twice a month, once' => [$monthly, $had('2026-12-02T16:00:00Z', '2026-12-01T03:30:00Z'), null, null];
        yield 'twice a month, twice' => [
            $monthly,
            $had('2026-12-01T04:30:00Z', '2027-01-01T03:30:00Z'),
            Because::VisitorHadMonth,
            null,
        ];

        // Invented terms: until Friday 11 December, and from Monday 4 January; the slot that is asked for is in the first.
        $terms = array_map(
            static fn(string $first, string $last): DateRange => DateRange::of(
                LocalDate::parse($first),
                LocalDate::parse($last),
            ),
            ['2026-09-08', '2027-01-04'],
            ['2026-12-11', '2027-03-26'],
        );
        $termly = new PerPeriod($halifax, null, null, 1, $terms);
        yield 'once a term, on its first day' => [$termly, $had('2026-09-08T03:00:00Z'), Because::VisitorHadTerm, null];
        yield 'once a term, the day before it' => [$termly, $had('2026-09-08T02:30:00Z'), null, null];
        yield 'once a term, between two' => [$termly, $had('2026-12-21T16:00:00Z'), null, null];
        yield 'once a term, in the next' => [$termly, $had('2027-01-05T16:00:00Z'), null, null];
        yield 'once a term, where a school has none' => [
            new PerPeriod($halifax, null, null, 1),
            $had('2026-09-08T16:00:00Z'),
            null,
            null,
        ];

        yield 'once per student, already' => [
            new PerStudent(1),
            World::of(0, asker: Asker::known(new Claims(), new Claims(1))),
            Because::StudentHasEnough,
            null,
        ];

        $travel = new Travel(5, ['Room 12' => ['Tide room' => 12]]);
        $elsewhere = new Elsewhere($travel, ['Room 12']);
        $visitor = static fn(string $from, string $until, ?string $place): World => World::of(
            0,
            asker: Asker::known(new Claims(0, [new Engagement($span($from, $until), $place)]), new Claims()),
        );
        yield 'at the same minute' => [
            $elsewhere,
            $visitor('20:10', '20:20', 'Room 12'),
            Because::VisitorElsewhere,
            null,
        ];
        yield 'straight before, in the same room' => [$elsewhere, $visitor('19:45', '20:00', 'Room 12'), null, null];
        yield 'straight before, in another room' => [
            $elsewhere,
            $visitor('19:45', '20:00', 'Room 3'),
            Because::VisitorElsewhere,
            null,
        ];
        yield 'straight before by video, with no time to leave a quiet corner' => [
            new Elsewhere(new Travel(5, quiet: 4), ['Room 12']),
            $visitor('19:45', '20:00', Travel::VIDEO),
            Because::VisitorElsewhere,
            null,
        ];
        yield 'four minutes after video' => [
            new Elsewhere(new Travel(5, quiet: 4), ['Room 12']),
            $visitor('19:45', '19:56', Travel::VIDEO),
            null,
            null,
        ];
        yield 'one video meeting after the other, and the phone anywhere' => [
            new Elsewhere(new Travel(5, quiet: 4), [Travel::VIDEO, null]),
            $visitor('19:45', '20:00', Travel::VIDEO),
            null,
            null,
        ];
        yield 'five minutes to another room' => [$elsewhere, $visitor('19:40', '19:55', 'Room 3'), null, null];
        yield 'twelve minutes to the tide room' => [
            $elsewhere,
            $visitor('20:26', '20:40', 'Tide room'),
            Because::VisitorElsewhere,
            null,
        ];
        yield 'twelve minutes are enough' => [$elsewhere, $visitor('20:27', '20:40', 'Tide room'), null, null];
        yield 'straight after, by phone' => [$elsewhere, $visitor('20:15', '20:30', null), null, null];
        yield 'straight after, in a room or by phone' => [
            new Elsewhere($travel, ['Room 12', null]),
            $visitor('20:15', '20:30', 'Room 3'),
            null,
            null,
        ];
        yield 'in no room and not by phone' => [
            new Elsewhere($travel, ['Room 12', null]),
            $visitor('20:10', '20:30', 'Room 3'),
            Because::VisitorElsewhere,
            null,
        ];
        yield 'the student is elsewhere' => [
            $elsewhere,
            World::of(0, asker: Asker::known(new Claims(), new Claims(0, [new Engagement(self::slot())]))),
            Because::StudentElsewhere,
            null,
        ];

        yield 'a draft' => [SheetIs::draft(), World::of(0), Because::SheetDraft, null];
        yield 'paused' => [SheetIs::paused(), World::of(0), Because::SheetPaused, null];
        yield 'closed by hand' => [new SlotClosed(Spans::of([self::slot()])), World::of(0), Because::SlotClosed, null];
        yield 'another closed by hand' => [
            new SlotClosed(Spans::of([$span('20:15', '20:30')])),
            World::of(0),
            null,
            null,
        ];
    }

    #[DataProvider('cases')]
    public function test_a_rule_has_its_own_reason_and_moment(
        Rule|Standing $rule,
        World $world,
        ?Because $because,
        ?string $until,
    ): void {
        $reason = $rule instanceof Standing ? $rule->againstAll($world) : $rule->against(self::slot(), $world);
        self::assertSame($because, $reason?->because);
        self::assertSame($until === null ? null : self::at($until), $reason?->until);
    }

    public function test_blocks_that_overlap_are_joined_or_refused_as_the_sheet_asks(): void
    {
        $date = LocalDate::parse('2026-12-07');
        $block = static fn(int $from, int $until, int $minutes = 15): Block => Block::of(
            OnDates::of($date),
            Hours::between(LocalTime::of($from), LocalTime::of($until)),
            Cut::of($minutes),
        );
        $sheet = static fn(bool $joining, Block ...$blocks): Sheet => Afternoon::sheet(
            more: ['blocks' => array_values($blocks), 'joining' => $joining],
        );

        self::assertSame(12, $sheet(true, $block(9, 11), $block(10, 12))->count($date, $date->plusDays(1)));
        // Touching is not overlapping.
        self::assertCount(2, $sheet(false, $block(9, 10), $block(10, 11, 20))->pieces($date, $date->plusDays(1)));
        foreach (
            [$sheet(false, $block(9, 11), $block(10, 12)), $sheet(true, $block(9, 11), $block(10, 12, 20))]
            as $refused
        ) {
            try {
                $refused->pieces($date, $date->plusDays(1));
                self::fail('They were let pass.');
            } catch (SlotsNotValid $failure) {
                self::assertStringContainsString(
                    '7 December 2026, 09:00 to 11:00 and 7 December 2026, 10:00 to 12:00',
                    InEnglish::why($failure),
                );
            }
        }
    }

    public function test_a_block_has_places_of_its_own_and_who_chose_another_cannot_have_its_times(): void
    {
        $date = LocalDate::parse(Afternoon::DAY);
        $block = static fn(int $from): Block => Block::of(
            OnDates::of($date),
            Hours::between(LocalTime::of($from), LocalTime::of($from + 1)),
            Cut::of(15),
        );
        // Numbers as the app gives them; the blocks count from 0.
        $sheet = Afternoon::sheet(
            more: ['blocks' => [$block(14)->at([1]), $block(16)], 'places' => [7 => 'Room 12', 9 => null]],
        );
        self::assertSame([9 => null], $sheet->placesAt(Afternoon::slot('14:15')));
        self::assertSame([7 => 'Room 12', 9 => null], $sheet->placesAt(Afternoon::slot('16:15')));

        $free = static fn(?int $place): array => array_map(
            static fn(Offer $offer): string => gmdate('H:i', $offer->slot->start),
            Timetable::of(
                $sheet,
                World::of(Afternoon::at('08:00'), asker: Asker::known(new Claims(), new Claims(), $place)),
            )->free(),
        );
        self::assertSame(['16:00', '16:15', '16:30', '16:45'], $free(7));
        self::assertCount(8, $free(9));
        self::assertCount(8, $free(null));
    }

    public function test_no_block_falls_on_a_closed_day(): void
    {
        $date = LocalDate::parse('2026-12-07');
        $block = Block::of(
            OnDates::of($date, $date->plusDays(1)),
            Hours::between(LocalTime::of(9), LocalTime::of(10)),
            Cut::of(15),
        );
        $closed = Dates::of(DateRange::day($date));

        self::assertSame(
            4,
            Afternoon::sheet(more: ['blocks' => [$block], 'closedDays' => $closed])->count($date, $date->plusDays(7)),
        );
    }
}
