<?php

declare(strict_types=1);

namespace Tests\App;

use App\Accounts\ChangeRole;
use App\Allotting\Allotment;
use App\Allotting\BookAllotment;
use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Presser;
use App\Framework\Notices;
use App\Knocks\KnockTerms;
use App\Models\Block;
use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Notice;
use App\Models\Party;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Rounds\RoundHost;
use App\School\SavedPlace;
use App\School\UsualQuestions;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Repeat\OnDates;
use Recess\Slots\Block as CoreBlock;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Tests\App\Support\InOrder;

/** Where somebody is already, whoever asks: a swap, an evening that moves, an allotment, an absence, a plan. */
final class WhoIsWhereTest extends RoundTestCase
{
    /** @return iterable<string, array{string, bool}> what stands on the other date, and whether the meeting can be there at 16:00 then */
    public static function otherDates(): iterable
    {
        yield 'nothing' => ['', true];
        yield 'a meeting of theirs that begins before there is time for the way' => ['own, 16:20 in the hall', false];
        yield 'one with time for it' => ['own, 16:40 in the hall', true];
        yield 'one about the child on another pass' => ['child, 16:00', false];
        yield 'one to which they are brought' => ['brought, 16:00', false];
    }

    #[DataProvider('otherDates')]
    public function test_an_evening_moves_only_where_everybody_can_be(string $stands, bool $can): void
    {
        [$round, $uma] = $this->booked();
        $round->school->update(['travel_minutes' => 10]);
        if ($stands !== '') {
            [$whose, $time] = explode(', ', $stands);
            $other = $this->sheet($this->host('Nia Roe'), minutes: 20, date: '2026-12-10');
            $other->places()->update(['label' => str_contains($stands, 'hall') ? 'Hall' : 'Room 12']);
            $slot = gmdate('Y-m-d\TH:i:s\Z', (int) strtotime('2026-12-10T' . substr($time, 0, 5) . ':00-04:00'));
            match ($whose) {
                'own' => $this->book(
                    $other->refresh(),
                    ['slot' => $slot, 'pass' => $uma->token()] + $this->wish($other),
                )->assertCreated(),
                'child' => $this->book(
                    $other,
                    ['slot' => $slot, 'answers' => ['phone' => '902 555 0150', 'student' => 'ADA  Fay']] +
                        $this->wish($other),
                )->assertCreated(),
                default => $this->bring($other, $slot, $uma),
            };
        }
        $form = ['from' => self::EVENING, 'to' => '2026-12-10'];
        $effect = $this->actingAs($this->office)
            ->ask('post', "/api/staff/rounds/$round->id/evening/effect", $form)
            ->assertOk();
        self::assertSame($can ? [] : ['Ada Fay'], array_column($effect->json('cannot'), 'student'));
        $this->ask('post', "/api/staff/rounds/$round->id/evening", $form)->assertStatus($can ? 200 : 409);
    }

    public function test_a_swap_looks_at_the_student_on_another_pass_and_raises_the_guards_of_both_families(): void
    {
        [$round, $uma] = $this->booked();
        $mine = $uma->bookings()->firstOrFail();
        $zoe = $this->booking($this->wren, '20:40', 'Zoe Ash', 'Kim Ash');
        // Ada, with somebody else who looks after her, at the time that would be Uma's.
        $elsewhere = $this->booking($this->maja, '20:40', 'Otto Fay', 'Ada Fay');
        CarbonImmutable::setTestNow(self::EVENING . 'T19:55:00Z');
        $this->actingAs($this->wren);
        $press = fn(): \Illuminate\Testing\TestResponse => $this->ask(
            'post',
            "/api/staff/desk/{$this->wren->id}/presses",
            [
                'what' => 'swap',
                'who' => ["b$mine->id", "b$zoe->id"],
                'revision' => $this->ask('get', "/api/staff/desk/{$this->wren->id}")->json('revision'),
            ],
        );
        $press()->assertConflict();
        self::assertSame(
            ['20:00', '20:40'],
            [$mine->refresh()->starts_at->format('H:i'), $zoe->refresh()->starts_at->format('H:i')],
        );
        DB::table('bookings')
            ->where('id', $elsewhere->id)
            ->update(['state' => 'cancelled', 'hold_id' => null, 'seat' => null]);
        $raised = static fn(string $name): int => (int) DB::table('guards')
            ->where('digest', hash('sha256', $name))
            ->value('raised');
        $all = [
            'visitor|uma@mail.example',
            'student|ada fay',
            'visitor|zoe-ash@mail.example',
            'student|kim ash',
            "host|{$this->wren->id}",
            "sheet|$mine->sheet_id",
        ];
        $before = array_map($raised, $all);
        $press()->assertOk();
        self::assertNotContains(
            0,
            array_map(static fn(int $now, int $then): int => $now - $then, array_map($raised, $all), $before),
        );
    }

    public function test_who_is_away_is_stood_in_for_by_times_at_which_the_familys_own_interpreter_is_free_again(): void
    {
        $round = $this->published();
        $sol = $this->host('Sol Ito');
        DB::table('round_interpreters')->insert(['round_id' => $round->id, 'staff_id' => $sol->id, 'language' => 'fr']);
        $uma = self::guardian('Uma Fay')->pass();
        $this->keep(
            $round,
            $uma,
            [['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z']],
            null,
            ['interpreter' => 'fr'],
        )->assertCreated();
        $part = RoundHost::query()
            ->where(['round_id' => $round->id, 'staff_id' => $this->wren->id])
            ->firstOrFail();
        // Iolo has 16:00 too: the interpreter is with them now, and would be then.
        $hit = $this->actingAs($this->office)
            ->ask('post', "/api/staff/rounds/$round->id/away/effect", [
                'host' => $part->id,
                'times' => [self::hours('16:00', '16:15')],
            ])
            ->assertOk()
            ->json('hits.0');
        self::assertContains('16:00 with Iolo Bevan', array_column($hit['others'], 'said'));
    }

    public function test_who_interprets_and_leaves_is_stood_in_for_by_another_or_the_host_hears_that_nobody_does(): void
    {
        $round = $this->published();
        [$sol, $pip] = [$this->host('Sol Ito'), $this->host('Pip Amar')];
        foreach ([$sol, $pip] as $one) {
            DB::table('round_interpreters')->insert([
                'round_id' => $round->id,
                'staff_id' => $one->id,
                'language' => 'fr',
            ]);
        }
        $uma = self::guardian('Uma Fay')->pass();
        $this->keep(
            $round,
            $uma,
            [['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z']],
            null,
            ['interpreter' => 'fr'],
        )->assertCreated();
        self::assertSame($sol->id, $uma->bookings()->firstOrFail()->interpreter_id);
        $this->actingAs($this->office)
            ->ask('post', "/api/staff/people/$sol->id/leaving", ['to' => null, 'word' => ''])
            ->assertOk();
        self::assertSame($pip->id, $uma->bookings()->firstOrFail()->interpreter_id);
        InOrder::check('one has left');
        $this->actingAs($this->office)
            ->ask('post', "/api/staff/people/$pip->id/leaving", ['to' => null, 'word' => ''])
            ->assertOk();
        self::assertNull($uma->bookings()->firstOrFail()->interpreter_id);
        self::assertStringContainsString(
            'Nobody interprets any more at your meeting with Uma Fay',
            Notices::said(Notice::query()->where('staff_id', $this->wren->id)->firstOrFail()),
        );
    }

    public function test_an_allotment_gives_no_time_at_which_somebody_of_the_family_is_elsewhere_and_asks_colleagues_when_it_opens(): void
    {
        $round = $this->published([
            'collects' => true,
            'wishes_until' => '2026-11-30T18:00',
            'line' => self::EVENING . ' 16:00-16:35 /15 gap 5',
        ]);
        $uma = self::guardian('Uma Fay')->pass();
        // Not of the round: Ada is with Nia at four, on a pass of Otto's.
        $other = $this->sheet($this->host('Nia Roe'));
        $this->book(
            $other,
            $this->wish($other, '20:00', ['answers' => ['phone' => '902 555 0150', 'student' => 'Ada Fay']]),
        )->assertCreated();
        $this->ask('put', "/api/r/$round->slug/wishes", [
            'interpreter' => '',
            'about' => [],
            'pass' => $uma->token(),
            'picks' => [['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay']],
            'windows' => [self::hours('16:00', '16:35')],
        ])->assertOk();
        $wrens = Sheet::query()->where('slug', $this->slug($this->wren))->firstOrFail();
        SheetHost::query()->create([
            'sheet_id' => $wrens->id,
            'staff_id' => $this->host('Iolo Bevan')->id,
            'role' => HostRole::Any,
        ]);
        $this->actingAs($this->office)
            ->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])
            ->assertSuccessful();
        Artisan::call('queue:work', [
            '--stop-when-empty' => true,
            '--queue' => 'rounds',
            '--sleep' => 0,
            '--memory' => 1024,
        ]);
        $meetings = $this->ask('get', "/api/staff/rounds/$round->id/allotment")
            ->assertOk()
            ->json('picture.meetings');
        self::assertSame(
            [['Ada Fay', '16:20']],
            array_map(static fn(array $one): array => [$one['student'], $one['time']], $meetings),
        );
        CarbonImmutable::setTestNow('2026-11-30T22:00:01Z');
        DB::table('allotments')->update(['begun_at' => '2026-11-30 22:00:01']);
        $this->actingAs($this->office)
            ->ask('post', '/api/staff/allotments/' . Allotment::query()->max('id') . '/publish')
            ->assertSuccessful();
        app()->call([new BookAllotment((int) Allotment::query()->max('id')), 'handle']);
        self::assertSame(self::EVENING . ' 20:20:00', (string) $uma->bookings()->firstOrFail()->starts_at);
        self::assertNotNull(
            SheetHost::query()->where('sheet_id', $wrens->id)->firstOrFail()->told_at,
            'The colleague is asked when it opens.',
        );
        self::assertSame(SheetState::Open, $wrens->refresh()->state);
    }

    public function test_what_is_kept_for_a_family_is_no_time_for_its_plan_as_long_as_there_is_another(): void
    {
        $round = $this->published();
        $uma = self::guardian('Uma Fay')->pass();
        $nia = $this->sheet($this->host('Nia Roe'));
        // Offered by a host after a meeting that was: kept for her until she answers.
        $this->book($nia, ['pass' => $uma->token()] + $this->wish($nia, '20:45'))->assertCreated();
        $this->actingAs($this->host('Nia Roe'))
            ->ask('post', '/api/staff/bookings/' . $uma->bookings()->firstOrFail()->id . '/offer', [
                'slot' => self::EVENING . 'T20:00:00Z',
                'word' => '',
            ])
            ->assertOk();
        $pick = [['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay']];
        $from = fn(string $until): array => array_column(
            array_filter(
                $this->plan($round, $uma, $pick, [self::hours('16:00', $until)])
                    ->assertOk()
                    ->json('days.0.meetings'),
                static fn(array $one): bool => !$one['booked'],
            ),
            'from',
        );
        self::assertSame([['16:20'], ['16:00']], [$from('18:00'), $from('16:15')]);
    }

    public function test_what_is_free_instead_is_named_in_the_order_of_time(): void
    {
        $sheet = $this->sheet(minutes: 60, date: '2026-12-03');
        foreach (['2026-12-04', '2026-12-05'] as $date) {
            $sheet
                ->blocks()
                ->create(
                    Block::columnsOf(
                        CoreBlock::of(
                            OnDates::of(LocalDate::parse($date)),
                            Hours::between(LocalTime::of(16), LocalTime::of(17)),
                            Cut::of(60),
                        ),
                    ),
                );
        }
        $sheet->refresh();
        $this->book($sheet, $this->wish($sheet, '20:00', ['slot' => '2026-12-04T20:00:00Z']))->assertCreated();
        // A Friday: Thursday comes before Saturday, whatever letters they begin with.
        $this->book($sheet, $this->otherWish($sheet, '20:00', 'Bao'))->assertCreated();
        $said = (string) $this->book(
            $sheet,
            ['slot' => '2026-12-04T20:00:00Z'] + $this->otherWish($sheet, '20:00', 'Cleo'),
        )
            ->assertConflict()
            ->json('message');
        self::assertStringEndsWith('Sat 5 Dec 16:00 is free.', $said);
        app(CancelBooking::class)(
            Booking::query()->where('student', 'Child of Bao')->firstOrFail(),
            Ending::by(Presser::side(Party::Host), ''),
        );
        $said = (string) $this->book(
            $sheet,
            ['slot' => '2026-12-04T20:00:00Z'] + $this->otherWish($sheet, '20:00', 'Dee'),
        )
            ->assertConflict()
            ->json('message');
        self::assertStringEndsWith('Thu 3 Dec 16:00 and Sat 5 Dec 16:00 are free.', $said);
    }

    public function test_an_answer_that_no_question_offers_is_none_wherever_it_is_given(): void
    {
        $several = new Question('q-langs', QuestionKind::Several, 'Which languages?', '', false, true, [
            'English',
            'French',
        ]);
        $sheet = $this->sheet(questions: new Questions([...UsualQuestions::all()->all, $several]));
        $answers = ['phone' => '902 555 0199', 'student' => 'Kwame Ferreira', 'q-langs' => ['Klingon']];
        $this->book($sheet, $this->wish($sheet, '20:15', ['answers' => $answers]))
            ->assertUnprocessable()
            ->assertJsonValidationErrors('answers.q-langs.0');
        $path = $this->book($sheet, $this->wish($sheet, '20:15', ['answers' => ['q-langs' => ['French']] + $answers]))
            ->assertCreated()
            ->json('path');
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', "/api$path/bookings/$booking->id/answers", ['answers' => $answers])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('answers.q-langs.0');
        self::assertSame(['French'], $booking->refresh()->answers['q-langs']);

        $place = SavedPlace::query()->create([
            'staff_id' => $this->wren->id,
            'school_id' => $this->wren->school_id,
            'kind' => 'phone',
            'label' => 'By phone',
        ]);
        $this->actingAs($this->wren)
            ->ask('put', '/api/staff/me/knocks', [
                'allowed' => true,
                'hours' => array_fill_keys([1, 2, 3, 4, 5], '8:00 to 16:00') + [6 => '', 7 => null],
                'lead_hours' => 24,
                'ahead_days' => 14,
                'lengths' => [30],
                'place_ids' => [$place->id],
                'most_open' => 3,
                'kept_hours' => 48,
                'audience' => 'anyone',
                'intro' => '',
                'questions' => [['on_run_sheet' => true] + $several->toArray()],
            ])
            ->assertOk();
        KnockTerms::query()
            ->firstOrFail()
            ->update(['questions' => new Questions([$several])]);
        $this->ask('post', "/api/d/{$this->wren->slug}/knocks", ['answers' => ['q-langs' => ['Klingon']]])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('answers.q-langs.0');
    }

    public function test_two_who_take_each_others_role_wait_for_each_other_on_whichever_server(): void
    {
        $nia = tap($this->host('Nia Roe'))->update(['office' => true]);
        DB::flushQueryLog();
        DB::enableQueryLog();
        app(ChangeRole::class)($nia, 'staff');
        $asked = array_column(DB::getQueryLog(), 'query');
        self::assertStringStartsWith('INSERT INTO guards', $asked[0], 'A row that is written is known to all servers.');
        self::assertSame([], array_filter($asked, static fn(string $one): bool => str_contains($one, 'for update')));
    }

    /** @return array{Round, Pass} Ada with Wren at 16:00 */
    private function booked(): array
    {
        $round = $this->published();
        $uma = self::guardian('Uma Fay')->pass();
        $this->keep($round, $uma, [
            ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z'],
        ])->assertCreated();

        return [$round, $uma];
    }

    private function booking(StaffMember $host, string $time, string $name, string $student): Booking
    {
        $sheet = Sheet::query()->where('slug', $this->slug($host))->firstOrFail();

        return app(
            BookSlot::class,
        )($sheet, new BookingWish(start: (int) strtotime(self::EVENING . "T$time:00Z"), placeId: $sheet->places->firstOrFail()->id, name: $name, email: Str::slug($name) . '@mail.example', phone: '', student: $student, requestKey: Str::uuid()->toString(), by: Party::Office), (int) strtotime(self::NOW));
    }

    private function bring(Sheet $sheet, string $slot, Pass $guest): void
    {
        $sheet->update(['rules' => \Recess\Rules\Stated::of(['guests' => 2] + $sheet->rules->toArray())]);
        $this->book($sheet->refresh(), ['slot' => $slot] + $this->wish($sheet))->assertCreated();
        $booking = $sheet->bookings()->firstOrFail();
        DB::table('guests')->insert([
            'booking_id' => $booking->id,
            'pass_id' => $guest->id,
            'may_change' => false,
            'created_at' => CarbonImmutable::now(),
            'updated_at' => CarbonImmutable::now(),
        ]);
    }
}
