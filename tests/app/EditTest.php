<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\Hold;
use App\Models\Sheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;

/** A sheet that people have booked on is changed: its writer sees whom it hits before anything is saved. */
final class EditTest extends TestCase
{
    use RefreshDatabase;

    private Sheet $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->sheet = $this->sheet();
        foreach (['20:00' => 'Ama', '20:15' => 'Bao', '20:30' => 'Cleo'] as $time => $who) {
            $this->book($this->sheet, $this->otherWish($this->sheet, $time, $who))->assertCreated();
        }
        DB::table('jobs')->delete();
        $this->actingAs($this->host());
    }

    /**
     * 16:00 to 17:00 as the sheet has it, with changes.
     *
     * @param  array<string, mixed>  $block
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function changed(array $block = [], array $more = []): array
    {
        return $more +
            self::form(
                ['title' => 'Conferences', 'version' => 1],
                $block + ['hours' => [['from' => '16:00', 'until' => '17:00']]],
                ['id' => $this->sheet->places->firstOrFail()->id, 'directions' => 'Up the stairs.'],
            );
    }

    /** @return list<string> */
    private function times(): array
    {
        return array_values(
            Booking::query()
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Booking $one): string => $one->starts_at->format('H:i') .
                        '-' .
                        $one->ends_at->format('H:i') .
                        ' ' .
                        $one->state->value,
                )
                ->all(),
        );
    }

    public function test_a_change_that_touches_nobody_is_saved_at_once(): void
    {
        $this->ask(
            'put',
            "/api/staff/sheets/{$this->sheet->id}",
            $this->changed(['hours' => [['from' => '16:00', 'until' => '18:00']]]),
        )
            ->assertOk()
            ->assertJsonPath('slots', 8)
            ->assertJsonPath('taken', 3);
        self::assertSame(0, $this->lettersWaiting());
    }

    public function test_three_people_are_moved_least_with_one_message_each_seen_before_it_goes(): void
    {
        // An hour later: all three lose their slot.
        $later = $this->changed(['hours' => [['from' => '16:45', 'until' => '18:00']]]);
        $effect = $this->ask(
            'put',
            "/api/staff/sheets/{$this->sheet->id}",
            ['word' => 'The hall is not free before.'] + $later,
        )
            ->assertConflict()
            ->json('effect');
        self::assertSame(0, $effect['stays']);
        self::assertSame(['Ama', 'Bao', 'Cleo'], array_column($effect['changes'], 'name'));
        self::assertEqualsCanonicalizing(
            ['2026-12-03T20:45:00Z', '2026-12-03T21:00:00Z', '2026-12-03T21:15:00Z'],
            array_map(static fn(array $one): string => $one['to']['key'], $effect['changes']),
        );
        // 16:45, 17:00 and 17:15 for three from 16:00, 16:15 and 16:30: 45 minutes each.
        self::assertSame('All 3 are proposed to meet on the same day, 45 minutes later.', $effect['moves_said']);
        self::assertSame('45 min later', $effect['changes'][0]['to']['shift']);
        self::assertStringContainsString('had to move this meeting', $effect['changes'][0]['message']);
        self::assertStringContainsString('The hall is not free before.', $effect['changes'][0]['message']);
        $this->ask('post', "/api/staff/sheets/{$this->sheet->id}/effect", ['word' => 'Sorry.'] + $later)
            ->assertOk()
            ->assertJsonCount(3, 'changes')
            ->assertSee('Sorry.');
        self::assertSame(
            ['20:00-20:15 booked', '20:15-20:30 booked', '20:30-20:45 booked'],
            $this->times(),
            'Nothing is saved yet.',
        );

        $settle = [
            'word' => 'The hall is not free before.',
            'bookings' => array_map(
                static fn(array $one): array => ['id' => $one['booking'], 'do' => 'move', 'to' => $one['to']['key']],
                $effect['changes'],
            ),
        ];
        $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", ['settle' => $settle] + $later)
            ->assertOk()
            ->assertJsonPath('taken', 3)
            ->assertJsonPath('free', 2);
        self::assertEqualsCanonicalizing(
            ['20:45-21:00 booked', '21:00-21:15 booked', '21:15-21:30 booked'],
            $this->times(),
        );
        self::assertSame([1, 1, 1], Booking::query()->pluck('sequence')->all());
        self::assertSame(
            3 * 2,
            $this->lettersWaiting(),
            'One message to each visitor, and one for the host’s calendar.',
        );
        self::assertSame(3, Hold::query()->count());
    }

    public function test_another_length_one_by_hand_one_left_one_cancelled(): void
    {
        $twenty = $this->changed(['minutes' => 20]);
        $changes = $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", $twenty)
            ->assertConflict()
            ->json('effect.changes');
        // 16:00 begins a slot still, and gets longer; 16:15 and 16:30 begin none.
        self::assertSame(['length', 'time', 'time'], array_column($changes, 'what'));
        [$ama, $bao, $cleo] = array_column($changes, 'booking');

        $settle = [
            'word' => '',
            'bookings' => [
                ['id' => $ama, 'do' => 'move'],
                ['id' => $bao, 'do' => 'move', 'to' => '2026-12-03T20:40:00Z'],
                ['id' => $cleo, 'do' => 'cancel'],
            ],
        ];
        $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", ['settle' => $settle] + $twenty)->assertOk();
        self::assertSame(['20:00-20:20 booked', '20:40-21:00 booked', '20:30-20:45 cancelled'], $this->times());
    }

    public function test_left_as_they_are_they_keep_their_time_and_a_collision_saves_nothing(): void
    {
        $twenty = $this->changed(['minutes' => 20]);
        $ids = array_map(intval(...), Booking::query()->orderBy('id')->pluck('id')->all());
        $leave = array_map(static fn(int $id): array => ['id' => $id, 'do' => 'leave'], $ids);
        // Cleo stays from 16:30 to 16:45, which the slot at 16:40 touches.
        $collide = [
            ['id' => $ids[0], 'do' => 'leave'],
            ['id' => $ids[1], 'do' => 'move', 'to' => '2026-12-03T20:40:00Z'],
            ['id' => $ids[2], 'do' => 'leave'],
        ];
        $this->ask(
            'put',
            "/api/staff/sheets/{$this->sheet->id}",
            ['settle' => ['word' => '', 'bookings' => $collide]] + $twenty,
        )->assertConflict();
        self::assertSame(1, $this->sheet->refresh()->version);

        $this->ask(
            'put',
            "/api/staff/sheets/{$this->sheet->id}",
            ['settle' => ['word' => '', 'bookings' => $leave]] + $twenty,
        )
            ->assertOk()
            ->assertJsonPath('free', 0);
        self::assertSame(['20:00-20:15 booked', '20:15-20:30 booked', '20:30-20:45 booked'], $this->times());
        self::assertSame(0, $this->lettersWaiting());
    }

    public function test_a_new_room_is_told_to_everybody_and_a_place_taken_off_is_settled(): void
    {
        $form = $this->changed();
        $form['places'][0]['label'] = 'Hall';
        $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", $form)
            ->assertOk()
            ->assertJsonPath('bookings.0.place', 'Hall');
        self::assertSame(3, $this->lettersWaiting(), 'Told to the visitors; the host did it.');

        $form = $this->changed(more: ['version' => 2]);
        $form['places'] = [
            [
                'id' => null,
                'kind' => 'phone',
                'label' => 'By phone',
                'link' => '',
                'link_mode' => 'one',
                'directions' => '',
            ],
        ];
        self::assertSame(
            ['place', 'place', 'place'],
            array_column(
                $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", $form)
                    ->assertConflict()
                    ->json('effect.changes'),
                'what',
            ),
        );
        $first = (int) Booking::query()->min('id');
        $settled = fn(array $choices) => $this->ask(
            'put',
            "/api/staff/sheets/{$this->sheet->id}",
            ['settle' => ['word' => '', 'bookings' => $choices]] + $form,
        );
        $choices = array_map(
            static fn(int $id): array => ['id' => $id, 'do' => $id === $first ? 'leave' : 'move'],
            array_map(intval(...), Booking::query()->orderBy('id')->pluck('id')->all()),
        );
        // Somebody is touched of whom the writer does not know, as when they book while the writer looks: shown again first.
        $settled(array_slice($choices, 0, 2))->assertConflict()->assertJsonCount(3, 'effect.changes');
        $settled($choices)->assertOk();
        self::assertSame(
            ['Hall', 'By phone', 'By phone'],
            Booking::query()->orderBy('id')->get()->map(static fn(Booking $one): string => $one->place->label)->all(),
        );
    }

    public function test_the_second_of_two_writers_is_told_and_nothing_is_lost(): void
    {
        $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", ['title' => 'Mine'] + $this->changed())->assertOk();
        $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", ['title' => 'Yours'] + $this->changed())
            ->assertConflict()
            ->assertJsonPath('theirs.title', 'Mine')
            ->assertJsonPath('theirs.version', 2);
        $this->ask(
            'put',
            "/api/staff/sheets/{$this->sheet->id}",
            ['title' => 'Yours', 'version' => 2] + $this->changed(),
        )
            ->assertOk()
            ->assertJsonPath('title', 'Yours');
    }

    public function test_what_is_shown_is_what_was_chosen_and_nobody_is_proposed_another_week(): void
    {
        // The sheet goes on four weeks later only: nothing near enough, but there to be picked.
        $later = $this->changed(['dates' => ['2026-12-31']]);
        $effect = $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", $later)
            ->assertConflict()
            ->json('effect');
        self::assertSame(
            ['same week', [null, null, null]],
            [$effect['within'], array_column($effect['changes'], 'to')],
        );
        self::assertCount(4, $effect['changes'][0]['nearest']);
        [$ama, $bao, $cleo] = array_column($effect['changes'], 'booking');
        $choices = [
            ['id' => $ama, 'do' => 'cancel'],
            ['id' => $bao, 'do' => 'move', 'to' => $effect['changes'][1]['nearest'][0]['key']],
            ['id' => $cleo, 'do' => 'leave'],
        ];
        $again = $this->ask(
            'post',
            "/api/staff/sheets/{$this->sheet->id}/effect",
            ['settle' => ['word' => '', 'within' => 'anywhere', 'bookings' => $choices]] + $later,
        )->assertOk();
        self::assertStringContainsString('had to cancel this meeting', $again->json('changes.0.message'));
        self::assertStringContainsString('31 December', $again->json('changes.1.message'));
        self::assertStringContainsString('No longer: Thursday 3 December, 16:15', $again->json('changes.1.message'));
        self::assertSame('', $again->json('changes.2.message'));
        self::assertNotNull($again->json('changes.0.to'), 'However far away, there are three times for three.');
    }

    public function test_a_snow_day_takes_nobodys_meeting_unheard_on_any_sheet(): void
    {
        $other = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan');
        $this->book($other, $this->otherWish($other, '20:00', 'Davi'))->assertCreated();
        DB::table('jobs')->delete();
        $office = $this->host();
        $office->forceFill(['office' => true])->save();
        $this->actingAs($office);
        $snow = [
            'closed_days' => [['name' => 'Snow', 'first' => self::EVENING, 'last' => self::EVENING]],
            'word' => 'It snows.',
        ];
        $effect = $this->ask('put', '/api/staff/school/closed-days', $snow)->assertConflict()->json('effect');
        self::assertSame(['Ama', 'Bao', 'Cleo', 'Davi'], array_column($effect['changes'], 'name'));
        self::assertSame('Bevan, Iolo Bevan', $effect['changes'][3]['sheet']);
        self::assertSame([], $office->school->refresh()->closed_days, 'Nothing is saved yet.');
        self::assertStringContainsString(
            'It snows.',
            (string) $this->ask(
                'post',
                '/api/staff/school/closed-days/effect',
                [
                    'settle' => [
                        'word' => '',
                        'bookings' => [['id' => $effect['changes'][0]['booking'], 'do' => 'cancel']],
                    ],
                ] + $snow,
            )
                ->assertOk()
                ->json('changes.0.message'),
        );

        $settle = [
            'word' => 'It snows.',
            'bookings' => array_map(
                static fn(array $one): array => [
                    'id' => $one['booking'],
                    'do' => $one['name'] === 'Cleo' ? 'leave' : 'cancel',
                ],
                $effect['changes'],
            ),
        ];
        $this->ask('put', '/api/staff/school/closed-days', ['settle' => $settle] + $snow)
            ->assertOk()
            ->assertJsonPath('school.closed_days.0.name', 'Snow');
        self::assertSame(
            ['cancelled', 'cancelled', 'booked', 'cancelled'],
            Booking::query()->orderBy('id')->pluck('state')->map(static fn($state): string => $state->value)->all(),
        );
        self::assertGreaterThanOrEqual(3, $this->lettersWaiting(), 'Each is told.');
    }

    public function test_a_block_at_one_place_alone_is_booked_there_and_a_meeting_moved_into_it_goes_along(): void
    {
        $form = self::form(['version' => 1], ['hours' => [['from' => '16:00', 'until' => '17:00']]]);
        $form['blocks'][] = ['dates' => ['2026-12-04'], 'places' => [1]] + $form['blocks'][0];
        $room = $this->sheet->places->firstOrFail()->id;
        $form['places'] = [
            [
                'id' => $room,
                'kind' => 'room',
                'label' => 'Room 12',
                'link' => '',
                'link_mode' => 'one',
                'directions' => 'Up the stairs.',
            ],
            [
                'id' => null,
                'kind' => 'phone',
                'label' => 'By phone',
                'link' => '',
                'link_mode' => 'one',
                'directions' => '',
            ],
        ];
        $this->ask('put', "/api/staff/sheets/{$this->sheet->id}", ['title' => 'Conferences'] + $form)->assertOk();
        $phone = $this->sheet->places()->where('label', 'By phone')->value('id');
        $days = $this->ask('get', "/api/s/{$this->sheet->slug}")->json('days');
        self::assertSame(
            [[$room, $phone], [$phone]],
            [$days[0]['stretches'][0]['slots'][3]['places'], $days[1]['stretches'][0]['slots'][0]['places']],
        );

        $friday = ['slot' => '2026-12-04T20:00:00Z'];
        $this->book($this->sheet, $friday + ['place' => $room] + $this->otherWish($this->sheet, '20:00', 'Davi'))
            ->assertConflict()
            ->assertJsonPath('message', '16:00 is not at the place you have chosen. Thu 3 Dec 16:45 is free.');
        $this->book(
            $this->sheet,
            $friday + ['place' => $phone] + $this->otherWish($this->sheet, '20:00', 'Davi'),
        )->assertCreated();
        $ama = Booking::query()->orderBy('id')->firstOrFail();
        $this->ask('post', "/api/staff/bookings/$ama->id/move", ['slot' => '2026-12-04T20:15:00Z'])->assertOk();
        self::assertSame($phone, $ama->refresh()->place_id);
    }
}
