<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\CardCode;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\RawMail;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Reach;
use App\Models\Round;
use App\Models\Sheet;
use App\RoundLetters\PlanLetter;
use App\RoundLetters\RemindLetter;
use App\Rounds\RoundHost;
use App\Telling\BookingMessage;
use App\Telling\WriteLetters;
use App\Texts\SendText;
use App\Versions\KeepVersions;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** A round: set up once by the office, planned by each family at once, kept whole or not at all. */
final class RoundsTest extends RoundTestCase
{
    public function test_what_a_round_says_in_another_language_its_sheets_say_too(): void
    {
        $round = $this->published();
        $sheet = $round->sheets()->orderBy('id')->firstOrFail();
        $sheet->update(['versions' => ['it' => ['Room 12' => 'Aula 12']]]);
        $this->actingAs($this->office);
        $form = [
            'written_in' => 'en',
            'language' => 'it',
            'was' => KeepVersions::digest($round, 'it'),
            'texts' => [['original' => 'Spring round', 'text' => 'Colloqui di primavera']],
        ];
        $this->ask('put', "/api/staff/rounds/$round->id/languages", $form)->assertOk();
        // What a sheet says beside its round stays.
        self::assertSame(
            ['it' => ['Spring round' => 'Colloqui di primavera', 'Room 12' => 'Aula 12']],
            $sheet->refresh()->versions,
        );
        foreach ([['it', 'Colloqui di primavera'], ['pl', 'Spring round']] as [$language, $title]) {
            $this->withServerVariables(['RECESS_CHOSEN' => $language]);
            $this->get("/r/$round->slug")
                ->assertOk()
                ->assertSee("<h1>$title</h1>", false);
        }
        // Two had it open: the second changes nothing.
        $this->ask('put', "/api/staff/rounds/$round->id/languages", $form)->assertConflict();
    }

    public function test_the_office_sets_up_a_round_that_all_sheets_follow(): void
    {
        $this->actingAs($this->office);
        // A lesson of 55 minutes by 15 is 3 slots: common practice, no published source. Wren teaches one student, Maja two, Iolo three.
        $round = $this->ask(
            'post',
            '/api/staff/rounds',
            $this->typed(['line' => self::EVENING . ' 16:00-16:40 /15 gap 5']),
        )->assertCreated();
        self::assertSame('2 times for each teacher: 6 for 3 teachers.', $round->json('look.said'));
        self::assertSame([['staff' => $this->iolo->id, 'times' => 2, 'students' => 3]], $round->json('look.short'));
        $parts = array_column($round->json('parts'), null, 'name');
        $id = $round->json('id');
        $this->ask('put', "/api/staff/rounds/$id", $this->typed(['version' => 1]))->assertOk();
        $this->ask('post', "/api/staff/rounds/$id/publish")
            ->assertConflict()
            ->assertJsonPath(
                'message',
                '3 have no place yet, so nobody would find them: Iolo Bevan, Maja Kos and Wren Halloran. Nothing was published.',
            );
        self::assertSame(0, Sheet::query()->count());
        $this->get('/r/spring-round')->assertNotFound();

        // Each says what is theirs, and nobody else does.
        $this->actingAs($this->wren);
        $this->json(
            'put',
            "/api/staff/round-parts/{$parts['Iolo Bevan']['id']}",
            self::part('Room 3'),
        )->assertForbidden();
        $hers = "/api/staff/round-parts/{$parts['Wren Halloran']['id']}";
        $this->ask('put', $hers, self::part('Room 12', [self::hours('4.30 pm', '17:00')]))
            ->assertOk()
            ->assertJsonPath('absent.0.from', '16:30');
        $this->ask('put', $hers, self::part('Room 12', [self::hours('17:30', '17:00')]))
            ->assertUnprocessable()
            ->assertJsonValidationErrors('absent.0.from');
        $this->json('put', "/api/staff/rounds/$id", $this->typed())->assertForbidden();
        $this->actingAs($this->office);
        foreach (['Iolo Bevan' => 'Room 3', 'Maja Kos' => 'Room 4'] as $name => $room) {
            $this->ask('put', "/api/staff/round-parts/{$parts[$name]['id']}", self::part($room))->assertOk();
        }
        $this->ask(
            'put',
            "/api/staff/rounds/$id",
            $this->typed(['version' => 2, 'title' => 'Spring round']),
        )->assertOk();
        $this->ask('put', "/api/staff/rounds/$id", $this->typed(['version' => 1]))->assertConflict();
        $this->ask('post', "/api/staff/rounds/$id/publish")
            ->assertOk()
            ->assertJsonPath('state', 'open');
        $this->ask('post', "/api/staff/rounds/$id/publish")->assertOk();

        self::assertSame(['Spring round'], Sheet::query()->distinct()->pluck('title')->all());
        self::assertSame(3, Sheet::query()->count());
        $fill = $this->ask('get', "/api/staff/rounds/$id")->assertOk();
        self::assertSame(
            [0, 16],
            [$fill->json('taken'), $fill->json('slots')],
            'six each, but two of Wren’s, when she is not there',
        );
        self::assertSame(
            [['7B', 1, 1], ['8A', 2, 2]],
            array_map(
                static fn(array $one): array => [$one['name'], $one['students'], $one['missing']],
                $fill->json('classes'),
            ),
        );
        // Another room afterwards goes onto the sheet.
        $this->ask('put', "/api/staff/round-parts/{$parts['Maja Kos']['id']}", self::part('Room 5'))->assertOk();
        self::assertSame(
            ['Room 5'],
            Sheet::query()->where('staff_id', $this->maja->id)->firstOrFail()->places->pluck('label')->all(),
        );
    }

    public function test_where_none_of_a_childs_teachers_are_in_it_the_office_reads_so_and_its_family_sees_all_who_are(): void
    {
        $this->actingAs($this->office);
        $only = ['staff' => [$this->maja->id]];
        self::assertSame(
            'One student has none of their teachers in this round. Their families see everybody who is in it.',
            $this->ask('post', '/api/staff/rounds', $this->typed($only + ['title' => 'Looked at']))
                ->assertCreated()
                ->json('look.untaught_said'),
        );
        $round = $this->published($only);
        Auth::forgetGuards();
        $pass = self::guardian('Uma Fay')->pass();
        $maja = $this->slug($this->maja);
        self::assertSame(
            [[$maja], [$maja]],
            array_column(
                $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}")
                    ->assertOk()
                    ->json('children'),
                'teachers',
            ),
        );
    }

    public function test_a_family_ticks_looks_and_keeps_the_whole_plan_in_one_go(): void
    {
        $round = $this->published();
        // Wren needs to see Ada's family; who that is about reads it, and nobody else.
        $this->actingAs($this->wren);
        $part = RoundHost::query()
            ->where(['round_id' => $round->id, 'staff_id' => $this->wren->id])
            ->firstOrFail();
        $asked = ['asked' => [Student::query()->where('name', 'Ada Fay')->firstOrFail()->id]];
        $this->ask('put', "/api/staff/round-parts/$part->id", $asked + self::part('Room 12'))->assertOk();
        $pass = self::guardian('Uma Fay')->pass();
        Auth::forgetGuards();
        $page = $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}")->assertOk();
        [$wren, $iolo, $maja] = [$this->slug($this->wren), $this->slug($this->iolo), $this->slug($this->maja)];
        self::assertSame(
            [
                ['name' => 'Ada Fay', 'class' => '7B', 'teachers' => [$iolo, $wren], 'asked' => [$wren]],
                ['name' => 'Cy Fay', 'class' => '8A', 'teachers' => [$iolo, $maja], 'asked' => []],
            ],
            $page->json('children'),
        );

        $picks = [
            ['sheet' => $wren, 'student' => 'Ada Fay'],
            ['sheet' => $iolo, 'student' => 'Ada Fay'],
            ['sheet' => $iolo, 'student' => 'Cy Fay'],
            ['sheet' => $maja, 'student' => 'Cy Fay'],
        ];
        $found = $this->plan($round, $pass, $picks)->assertOk();
        self::assertSame([[], true], [$found->json('left'), $found->json('best')]);
        $meetings = $found->json('days.0.meetings');
        self::assertCount(4, $meetings);
        self::assertSame(
            [null, 5, 5, 5],
            array_map(static fn(array $one): ?int => $one['between']['minutes'] ?? null, $meetings),
        );
        self::assertSame(
            $picks,
            $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}")->json('asked.picks'),
            'a reload loses nothing',
        );

        // Somebody else takes one of them before she presses.
        $other = self::guardian('Ed Nox')->pass();
        $lost = array_values(array_filter($meetings, static fn(array $one): bool => $one['sheet'] === $maja))[0];
        $this->keep($round, $other, [
            ['sheet' => $maja, 'student' => 'Lo Nox', 'start' => $lost['key']],
        ])->assertCreated();
        $gone = $this->keep($round, $pass, self::kept($meetings))->assertConflict();
        self::assertStringContainsString('Somebody has just taken', $gone->json('message'));
        self::assertSame(0, $pass->bookings()->count(), 'all or nothing');
        self::assertCount(4, $gone->json('plan.days.0.meetings'), 'the next best is there at once');
        $next = array_map(
            static fn(array $one): string => $one['key'] . $one['sheet'],
            $gone->json('plan.days.0.meetings'),
        );
        self::assertNotContains($lost['key'] . $maja, $next);

        Queue::fake();
        Mail::fake();
        $key = Str::uuid()->toString();
        $plan = self::kept($gone->json('plan.days.0.meetings'));
        $this->keep($round, $pass, $plan, $key)->assertCreated()->assertJsonCount(4, 'bookings');
        $this->keep($round, $pass, $plan, $key)->assertCreated();
        self::assertSame(4, $pass->bookings()->whereNotNull('hold_id')->count(), 'pressed twice books once');
        Queue::pushed(WriteLetters::class)->each(static fn(WriteLetters $left) => $left->handle());
        $letters = Queue::pushed(SendQueuedMailable::class)
            ->map(static fn(SendQueuedMailable $job): string => $job->mailable::class)
            ->countBy()
            ->all();
        self::assertSame([BookingMessage::class => 4], $letters, 'one to each host');
        Mail::assertQueued(PlanLetter::class, 1);
        // A second tab, which knows nothing of it: nobody else was quicker, and nothing is booked twice.
        $this->keep($round, $pass, $plan)
            ->assertConflict()
            ->assertJsonPath(
                'message',
                fn(string $said): bool => str_contains($said, 'already, perhaps from another page'),
            );
        self::assertSame(4, $pass->bookings()->whereNotNull('hold_id')->count());
        $open = $this->ask('get', '/api/p/' . $pass->token())->json('open.0.path');
        self::assertSame(
            '/r/spring-round?pass=' . $pass->token(),
            $open,
            'one way to the round, not one to each sheet',
        );
        // What stands is planned around.
        $more = $this->plan($round, $pass, [['sheet' => $wren, 'student' => 'Cy Fay']])->assertOk();
        self::assertCount(5, $more->json('days.0.meetings'));
        self::assertSame(4, count(array_filter(array_column($more->json('days.0.meetings'), 'booked'))));
        $this->actingAs($this->office);
        $this->ask('post', "/api/r/$round->slug/plan", [
            'pass' => $pass->token(),
            'picks' => [],
            'windows' => [],
            'ground' => true,
        ])->assertOk();
        $this->actingAs($this->office);
        $fill = $this->ask('get', "/api/staff/rounds/$round->id")->assertOk();
        self::assertSame(
            [[0, 0], 'Uma Fay needs the ground floor.'],
            [array_column($fill->json('classes'), 'missing'), $fill->json('ground')],
        );
    }

    public function test_the_other_guardian_hears_why_and_can_be_given_times_of_their_own(): void
    {
        foreach ([false, true] as $each) {
            $round = $this->published(['each_guardian' => $each, 'title' => "Round $each"]);
            $mother = self::guardian('Uma Fay');
            $known = ['email' => 'bo@mail.example', 'phone' => '902 555 0102'];
            $father = Guardian::query()->firstOrCreate(['school_id' => $round->school_id, 'name' => 'Bo Ray'], $known);
            $father->students()->syncWithoutDetaching($mother->students->modelKeys());
            $wren = Sheet::query()
                ->where(['staff_id' => $this->wren->id, 'round_id' => $round->id])
                ->firstOrFail()->slug;
            $pick = ['sheet' => $wren, 'student' => 'Ada Fay'];
            // The rounds lie on one evening: each has a time of its own.
            $this->keep($round, $mother->pass(), [
                $pick + ['start' => self::EVENING . ($each ? 'T21:00:00Z' : 'T20:00:00Z')],
            ])->assertCreated();
            $seen = $this->plan($round, $father->pass(), [$pick])->assertOk();
            $taken = 'A time with Wren Halloran about Ada Fay is booked already by somebody else who looks after them.';
            self::assertSame(
                $each ? [] : [['Somebody else who looks after Ada Fay has booked Wren Halloran already.', true]],
                array_map(static fn(array $left): array => [$left['why'], $left['join']], $seen->json('left')),
            );
            if (!$each) {
                // With their pass alone they ask to join, and whoever has the time adds them.
                $this->ask('post', "/api/s/$wren/ask-to-join", [
                    'pass' => $father->pass()->token(),
                    'student' => 'Ada Fay',
                ])->assertOk();
                $this->delivered();
                $this->ask('get', "/api/p/{$mother->pass()->token()}")->assertJsonPath(
                    'bookings.0.joiners.0.name',
                    'Bo Ray',
                );
                // As somebody whose page knew nothing of it would press.
                $this->keep($round, $father->pass(), [$pick + ['start' => self::EVENING . 'T20:20:00Z']])
                    ->assertConflict()
                    ->assertJsonPath('message', "$taken Nothing was booked; ask them, or the office.");
            }
        }
    }

    public function test_where_guardians_are_kept_apart_the_one_learns_nothing_of_the_other(): void
    {
        $round = $this->published();
        $round->school->update(['guardians_apart' => true]);
        $mother = self::guardian('Uma Fay');
        $father = Guardian::query()->create([
            'school_id' => $round->school_id,
            'name' => 'Bo Ray',
            'email' => 'bo@mail.example',
            'phone' => '902 555 0102',
        ]);
        $father->students()->syncWithoutDetaching($mother->students->modelKeys());
        $sheet = Sheet::query()
            ->where(['staff_id' => $this->wren->id, 'round_id' => $round->id])
            ->firstOrFail();
        $other = Sheet::query()
            ->where(['staff_id' => $this->maja->id, 'round_id' => $round->id])
            ->firstOrFail();
        $at = fn(Sheet $of, string $time): array => [
            'sheet' => $of->slug,
            'student' => 'Ada Fay',
            'start' => self::EVENING . "T$time:00Z",
        ];
        $this->keep($round, $mother->pass(), [$at($sheet, '20:00')])->assertCreated();
        $this->delivered();
        $known = DB::table('mailroom_messages')->max('id');
        $pass = $father->pass();

        $neutral = 'A time with Wren Halloran about Ada Fay cannot be booked from here.';
        $said = [
            $this->plan($round, $pass, [['sheet' => $sheet->slug, 'student' => 'Ada Fay']])
                ->assertOk()
                ->assertJsonPath('left.0.why', "$neutral The school’s office knows more.")
                ->assertJsonPath('left.0.join', false),
            $this->keep($round, $pass, [$at($sheet, '20:20')])
                ->assertConflict()
                ->assertJsonPath('message', "$neutral Nothing was booked; the school’s office knows more."),
            // She is with the mother then.
            $this->keep($round, $pass, [$at($other, '20:00')])->assertConflict(),
            $this->book(
                $sheet,
                ['pass' => $pass->token()] +
                    $this->wish($sheet, '20:20', [
                        'answers' => [
                            'student' => 'Ada Fay',
                            'phone' => '902 555 0102',
                        ],
                    ]),
            )
                ->assertConflict()
                ->assertJsonPath('ask_to_join', false),
            $this->ask('post', "/api/s/$sheet->slug/ask-to-join", ['pass' => $pass->token(), 'student' => 'Ada Fay']),
        ];
        foreach ($said as $one) {
            self::assertDoesNotMatchRegularExpression(
                '/Uma|looks after|another guardian|somebody else|join them/i',
                (string) $one->getContent(),
            );
        }
        $this->delivered();
        $since = DB::table('mailroom_messages')->where('id', '>', $known)->pluck('raw', 'recipient');
        self::assertSame(['bo@mail.example'], $since->keys()->all(), 'His own page is sent to his own address.');
        self::assertStringNotContainsString('Uma', quoted_printable_decode((string) $since->first()));
        $this->ask('get', "/api/p/{$mother->pass()->token()}")->assertJsonPath('bookings.0.joiners', []);
    }

    public function test_what_was_published_by_mistake_is_taken_back_until_somebody_has_booked_and_sheets_are_not_written_alone(): void
    {
        $round = $this->published();
        $sheet = Sheet::query()->where('staff_id', $this->wren->id)->firstOrFail();
        $this->actingAs($this->wren);
        $this->json('put', "/api/staff/sheets/$sheet->id", self::form())->assertForbidden();
        $this->json('delete', "/api/staff/sheets/$sheet->id")->assertForbidden();
        $this->actingAs($this->office);
        $this->ask('post', "/api/staff/rounds/$round->id/take-back")
            ->assertOk()
            ->assertJsonPath('state', 'draft');
        self::assertSame(0, Sheet::query()->count());
        $this->ask('post', "/api/staff/rounds/$round->id/publish")->assertOk();
        $pick = ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z'];
        $this->keep($round->refresh(), self::guardian('Uma Fay')->pass(), [$pick])->assertCreated();
        $this->actingAs($this->office);
        $this->ask('post', "/api/staff/rounds/$round->id/take-back")->assertConflict();
        self::assertSame(3, Sheet::query()->count());
        $this->get("/staff/rounds/new?like=$round->id")
            ->assertOk()
            ->assertSee('Spring round');
        $this->get('/staff/log')->assertOk()->assertSee('took the round “Spring round” back', false);
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/staff/rounds/$round->id/cards.pdf?who=missing")
                ->assertOk()
                ->getContent(),
        );
        foreach (
            [
                'run-sheets.pdf' => '%PDF',
                'entrance.pdf' => '%PDF',
                'plans.pdf' => '%PDF',
                'plans-without-mail.pdf' => '%PDF',
                'meetings.xlsx' => 'PK',
            ]
            as $paper => $begins
        ) {
            self::assertStringStartsWith(
                $begins,
                (string) $this->get("/staff/rounds/$round->id/paper/$paper")
                    ->assertOk()
                    ->getContent(),
            );
        }
        $this->get("/staff/rounds/$round->id/paper/else.pdf")->assertNotFound();
    }

    public function test_families_of_which_nothing_was_heard_are_written_to_once_a_day(): void
    {
        $round = $this->published();
        $this->keep($round, self::guardian('Ed Nox')->pass(), [
            ['sheet' => $this->slug($this->maja), 'student' => 'Lo Nox', 'start' => self::EVENING . 'T20:00:00Z'],
        ])->assertCreated();
        self::guardian('Uma Fay')
            ->students()
            ->firstOrFail()
            ->guardians()
            ->create(
                ['school_id' => $round->school_id, 'name' => 'Bo Ray', 'phone' => '902 555 0199'],
                ['may_book' => true],
            );
        $this->actingAs($this->office);
        Mail::fake();
        Queue::fake();
        $texts = $this->ask('get', "/api/staff/rounds/$round->id")->assertOk();
        self::assertSame(
            [2, '2 guardians would be written to.'],
            [$texts->json('due'), trim($texts->json('due_said'))],
        );
        $after = $this->ask('post', "/api/staff/rounds/$round->id/reminders", ['word' => 'Until Friday.'])->assertOk();
        self::assertSame(
            [0, 'Nobody would be written to now. 2 were within the last day.'],
            [$after->json('due'), trim($after->json('due_said'))],
        );
        $this->ask('post', "/api/staff/rounds/$round->id/reminders")->assertOk();
        Mail::assertQueued(RemindLetter::class, 1);
        Queue::assertPushed(SendText::class, 1);
        $letter = Mail::queued(RemindLetter::class)->first();
        assert($letter instanceof RemindLetter);
        self::assertStringContainsString('You can book times for Ada Fay and Cy Fay', $letter->render());
        // Who hears of it for the first time is invited, and reminded a day later.
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay()->addSecond());
        $this->actingAs($this->office);
        $this->ask('post', "/api/staff/rounds/$round->id/reminders")->assertOk();
        self::assertSame(
            ['Spring round: pick your times', 'Spring round: we have not heard from you yet'],
            Mail::queued(RemindLetter::class)
                ->map(static fn(RemindLetter $one): string => (string) $one->envelope()->subject)
                ->all(),
        );
    }

    public function test_who_needs_an_interpreter_is_met_only_when_one_is_free_and_none_is_in_two_meetings(): void
    {
        $round = $this->published();
        $this->actingAs($this->office);
        $sol = $this->host('Sol Ito');
        foreach (
            [['staff' => 999_999, 'language' => 'fr'], ['staff' => $sol->id, 'language' => 'Klingon!']]
            as $wrong
        ) {
            $this->ask('put', "/api/staff/rounds/$round->id/interpreters", [
                'interpreters' => [$wrong],
            ])->assertUnprocessable();
        }
        $this->ask('put', "/api/staff/rounds/$round->id/interpreters", [
            'interpreters' => [['staff' => $sol->id, 'language' => 'fr']],
        ])
            ->assertOk()
            ->assertJsonPath('interpreters.0.said', 'French');
        [$uma, $ed] = [self::guardian('Uma Fay')->pass(), self::guardian('Ed Nox')->pass()];
        [$wren, $maja] = [
            ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay'],
            ['sheet' => $this->slug($this->maja), 'student' => 'Lo Nox'],
        ];
        $this->keep($round, $uma, [$wren + ['start' => self::EVENING . 'T20:00:00Z']], null, [
            'interpreter' => 'fr',
        ])->assertCreated();
        $booking = $uma->bookings()->firstOrFail();
        self::assertSame([$sol->id, 'fr'], [$booking->interpreter_id, $booking->language]);
        // The one interpreter is with Uma at four: not with Ed.
        $french = ['pass' => $ed->token(), 'interpreter' => 'fr', 'picks' => [$maja]];
        $plan = $this->ask(
            'post',
            "/api/r/$round->slug/plan",
            $french + ['windows' => [self::hours('16:00', '16:20')]],
        )->assertOk();
        self::assertStringStartsWith(
            'Maja Kos has free times, but no interpreter of your language has then',
            $plan->json('left.0.why'),
        );
        $plan = $this->ask(
            'post',
            "/api/r/$round->slug/plan",
            $french + ['windows' => [self::hours('16:00', '18:00')]],
        )->assertOk();
        self::assertSame('16:20', $plan->json('days.0.meetings.0.from'));
        $gone = $this->keep($round, $ed, [$maja + ['start' => self::EVENING . 'T20:00:00Z']], null, [
            'interpreter' => 'fr',
        ])->assertConflict();
        self::assertStringStartsWith('No interpreter is free any more', $gone->json('message'));
        $this->keep($round, $ed, [$maja + ['start' => self::EVENING . 'T20:20:00Z']], null, [
            'interpreter' => 'fr',
        ])->assertCreated();
        // Whoever moves takes the interpreter along, or hears why not.
        $path = fn(Booking $one): string => '/api/p/' . $one->pass->token() . "/bookings/$one->id/move";
        $this->ask('post', $path($booking), ['slot' => self::EVENING . 'T20:20:00Z'])
            ->assertConflict()
            ->assertJsonPath(
                'message',
                fn(string $said): bool => str_starts_with($said, 'At 16:20 nobody who interprets for you is free.'),
            );
        $this->ask('post', $path($booking), ['slot' => self::EVENING . 'T20:40:00Z'])->assertOk();
        self::assertSame(
            1,
            DB::table('holds')
                ->where('staff_id', $sol->id)
                ->where('starts_at', self::EVENING . ' 20:40:00')
                ->count(),
        );
        self::assertSame(
            0,
            DB::table('holds')
                ->where('staff_id', $sol->id)
                ->where('starts_at', self::EVENING . ' 20:00:00')
                ->count(),
        );
        // Nor is it otherwise where they book teacher by teacher: Sol is with Ed at 16:20 and with Uma at 16:40.
        $iolo = $this->slug($this->iolo);
        $sheet = $this->ask('get', "/api/s/$iolo?pass={$ed->token()}")->assertOk();
        self::assertSame('16:00', Str::before((string) $sheet->json('earliest.from'), ' '));
        $form = ['place' => $sheet->json('places.0.id'), 'answers' => ['student' => 'Lo Nox'], 'pass' => $ed->token()];
        $this->ask(
            'post',
            "/api/s/$iolo/bookings",
            $form + ['slot' => self::EVENING . 'T20:40:00Z', 'request_key' => Str::uuid()->toString()],
        )
            ->assertConflict()
            ->assertJsonPath(
                'message',
                fn(string $said): bool => str_starts_with($said, 'At 16:40 nobody who interprets for you is free.'),
            );
        $this->ask(
            'post',
            "/api/s/$iolo/bookings",
            $form + ['slot' => self::EVENING . 'T21:00:00Z', 'request_key' => Str::uuid()->toString()],
        )->assertCreated();
        self::assertSame($sol->id, $ed->bookings()->orderByDesc('id')->firstOrFail()->interpreter_id);
        $this->actingAs($sol);
        $this->get('/staff/rounds')->assertOk()->assertSee('Wren Halloran');
        $this->plan($round, $ed, [['sheet' => $this->slug($this->wren), 'student' => 'Lo Nox']])->assertOk();
        $this->ask('post', "/api/r/$round->slug/plan", [
            'pass' => $ed->token(),
            'interpreter' => 'it',
            'picks' => [],
            'windows' => [],
        ])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('interpreter');
    }

    public function test_what_the_round_asks_is_answered_once_for_each_child_and_each_teacher_reads_it(): void
    {
        $this->actingAs($this->office);
        $topic = [
            'key' => 'q-topic',
            'kind' => 'short',
            'label' => 'What shall we talk about?',
            'help' => '',
            'required' => true,
            'on_run_sheet' => true,
            'choices' => [],
        ];
        $how =
            [
                'key' => 'q-how',
                'kind' => 'choice',
                'label' => 'Who comes?',
                'required' => false,
                'choices' => ['one of us', 'both of us'],
            ] + $topic;
        foreach (
            [
                'questions.0.choices' => ['choices' => ['one']] + $how,
                'questions.0.label' => ['label' => ''] + $topic,
                'questions.0.kind' => ['kind' => 'student'] + $topic,
            ]
            as $field => $wrong
        ) {
            $this->ask('post', '/api/staff/rounds', $this->typed(['questions' => [$wrong]]))
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        $round = $this->published(['questions' => [$topic, $how]]);
        $pass = self::guardian('Uma Fay')->pass();
        [$wren, $iolo] = [$this->slug($this->wren), $this->slug($this->iolo)];
        $picks = [['sheet' => $wren, 'student' => 'Ada Fay'], ['sheet' => $iolo, 'student' => 'Ada Fay']];
        $about = [
            'about' => [
                [
                    'student' => 'Ada Fay',
                    'answers' => ['q-topic' => ' Reading ', 'q-how' => 'both of us', 'q-more' => 'x'],
                ],
            ],
        ];
        // What is typed is there again after a reload, and what is no answer is not.
        $plan = $this->ask(
            'post',
            "/api/r/$round->slug/plan",
            $about + ['pass' => $pass->token(), 'picks' => $picks, 'windows' => [self::hours('16:00', '18:00')]],
        );
        $page = $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}")->assertOk();
        self::assertSame(
            [['q-topic', 'q-how'], ['q-topic' => 'Reading', 'q-how' => 'both of us']],
            [array_column($page->json('questions'), 'key'), $page->json('asked.about.0.answers')],
        );
        $kept = self::kept($plan->json('days.0.meetings'));
        $this->keep($round, $pass, $kept)
            ->assertUnprocessable()
            ->assertJsonPath('errors', ['about.Ada Fay.q-topic' => ['Please fill this in.']]);
        $this->keep($round, $pass, $kept, null, [
            'about' => [['student' => 'Ada Fay', 'answers' => ['q-topic' => ['x'], 'q-how' => 'nobody']]],
        ])
            ->assertUnprocessable()
            ->assertJsonCount(2, 'errors');
        $this->keep($round, $pass, $kept, null, $about)->assertCreated();
        self::assertSame(
            [['q-topic' => 'Reading', 'q-how' => 'both of us']],
            array_unique(
                $pass->bookings()->get()->map(static fn(Booking $one): array => $one->answers)->all(),
                SORT_REGULAR,
            ),
        );
        $this->actingAs($this->wren);
        $this->get('/staff/lists/run-sheet.csv?date=' . self::EVENING)
            ->assertOk()
            ->assertSee('Reading')
            ->assertSee('both of us');
    }

    public function test_why_something_does_not_fit_and_what_would(): void
    {
        $round = $this->published();
        $pass = self::guardian('Uma Fay')->pass();
        $picks = [
            ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay'],
            ['sheet' => $this->slug($this->iolo), 'student' => 'Cy Fay'],
        ];
        $answer = $this->plan($round, $pass, $picks, [self::hours('16:00', '16:20')])->assertOk();
        self::assertCount(1, $answer->json('days.0.meetings'));
        $why =
            '/^(Wren Halloran|Iolo Bevan) is only free while you are with (Iolo Bevan|Wren Halloran); 16:20 is free, if you can stay until 16:35\.$/';
        self::assertMatchesRegularExpression($why, $answer->json('left.0.why'));
        // They can: it is there, and the rest stays.
        $picks[array_search($answer->json('left.0.sheet'), array_column($picks, 'sheet'), true)][
            'start'
        ] = $answer->json('left.0.otherwise.key');
        $this->plan($round, $pass, $picks, [self::hours('16:00', '16:20')])
            ->assertOk()
            ->assertJsonCount(2, 'days.0.meetings')
            ->assertJsonPath('left', []);
        // Who could only come earlier is not told to stay.
        $picks = array_map(static fn(array $one): array => array_diff_key($one, ['start' => 1]), $picks);
        $late = $this->plan($round, $pass, $picks, [self::hours('17:40', '18:00')])->assertOk();
        self::assertStringEndsWith('17:20 is free, if you can come then.', $late->json('left.0.why'));
    }

    public function test_what_cannot_be_is_said_at_its_field_and_strangers_see_nothing(): void
    {
        $round = $this->published();
        $pass = self::guardian('Uma Fay')->pass();
        $sheet = $this->sheet($this->host('Sol Ito'));
        $iolo = $this->slug($this->iolo);
        $this->plan($round, null, [])->assertForbidden();
        $this->keep($round, null, [
            ['sheet' => $iolo, 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z'],
        ])->assertForbidden();
        $this->get("/r/$round->slug")
            ->assertOk()
            ->assertSee('The card you were given opens them.')
            ->assertDontSee('Ada Fay');
        $this->post('/card', [
            'round' => $round->slug,
            'code' => CardCode::of(self::guardian('Uma Fay'), $round, Reach::round($round)->ends()),
        ])->assertRedirect("/r/$round->slug?pass={$pass->within(Reach::round($round))->token()}");
        foreach (
            [
                'picks.0.sheet' => ['picks' => [['sheet' => $sheet->slug, 'student' => 'Ada Fay']]],
                'picks.0.student' => ['picks' => [['sheet' => $iolo, 'student' => 'Lo Nox']]],
                'picks.1.sheet' => [
                    'picks' => [['sheet' => $iolo, 'student' => 'Ada Fay'], ['sheet' => $iolo, 'student' => 'Ada Fay']],
                ],
                'picks' => ['picks' => array_fill(0, 200, ['sheet' => $iolo, 'student' => 'Ada Fay'])],
                'windows.0.from' => ['windows' => [self::hours('19:00', '18:00')]],
                'windows.0.date' => ['windows' => [['date' => 'soon', 'from' => '16:00', 'until' => '18:00']]],
                'windows' => ['windows' => 'all'],
                'walk' => ['walk' => -3],
                'prefer' => ['prefer' => 'speed'],
            ]
            as $field => $wrong
        ) {
            $this->ask(
                'post',
                "/api/r/$round->slug/plan",
                $wrong + ['pass' => $pass->token(), 'picks' => [], 'windows' => []],
            )
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        self::assertSame(0, Booking::query()->count());
    }

    /** A school without a directory: names are typed, and two of one plan go onto one new pass. */
    public function test_anybody_types_a_name_where_the_school_knows_nobody(): void
    {
        $round = $this->published(['families' => false]);
        $picks = [
            ['sheet' => $this->slug($this->wren), 'student' => 'Kit Oke', 'start' => self::EVENING . 'T20:00:00Z'],
            ['sheet' => $this->slug($this->iolo), 'student' => 'Kit Oke', 'start' => self::EVENING . 'T20:20:00Z'],
        ];
        $this->keep($round, null, $picks)
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['name', 'email', 'phone']);
        $answer = $this->keep($round, null, $picks, null, [
            'name' => 'Ola Oke',
            'email' => 'ola@mail.example',
            'phone' => '902 555 0177',
        ])->assertCreated();
        self::assertCount(2, $answer->json('bookings'));
        self::assertSame(1, Pass::query()->where('email', 'ola@mail.example')->count());
    }

    public function test_what_stands_is_planned_anew_as_a_whole_shown_first_and_cancelled_as_a_whole(): void
    {
        $round = $this->published();
        $pass = self::guardian('Uma Fay')->pass();
        [$wren, $iolo, $maja] = [$this->slug($this->wren), $this->slug($this->iolo), $this->slug($this->maja)];
        $at = static fn(string $time): string => self::EVENING . "T$time:00Z";
        $mine = fn(): array => $pass
            ->bookings()
            ->whereNotNull('hold_id')
            ->orderBy('id')
            ->pluck('starts_at', 'id')
            ->map(static fn($start): string => $start->format('H:i'))
            ->all();
        // As a family books it bit by bit: an evening with two holes.
        $this->keep($round, $pass, [
            ['sheet' => $wren, 'student' => 'Ada Fay', 'start' => $at('20:00')],
            ['sheet' => $iolo, 'student' => 'Ada Fay', 'start' => $at('21:00')],
            ['sheet' => $maja, 'student' => 'Cy Fay', 'start' => $at('21:40')],
        ])->assertCreated();
        $before = $mine();
        $form = [
            'pass' => $pass->token(),
            'picks' => [['sheet' => $iolo, 'student' => 'Cy Fay']],
            'windows' => [self::hours('16:00', '18:00')],
            'prefer' => 'waiting',
        ];
        $page = $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}");
        self::assertSame(3, $page->json('standing'));
        $find = fn() => $this->ask('post', "/api/r/$round->slug/plan", ['anew' => true] + $form)
            ->assertOk()
            ->json('days.0.meetings');
        $meetings = $find();
        self::assertSame($before, $mine(), 'a look changes nothing');
        self::assertCount(4, $meetings);
        self::assertSame(
            15,
            array_sum(array_map(static fn(array $one): int => $one['between']['minutes'] ?? 0, $meetings)),
        );
        $moves = array_values(array_filter($meetings, static fn(array $one): bool => $one['was'] !== ''));
        self::assertNotSame([], $moves);
        $press = fn(array $meetings, array $moves) => $this->keep(
            $round,
            $pass,
            self::kept(array_values(array_filter($meetings, static fn(array $one): bool => $one['booking'] === null))),
            more: [
                'moves' => array_map(
                    static fn(array $one): array => ['booking' => $one['booking'], 'start' => $one['key']],
                    $moves,
                ),
            ],
        );

        // Somebody is quicker with one of these times: all stand where they stood.
        $lost = $moves[0];
        $child = ['sheet' => $lost['sheet'], 'student' => 'Lo Nox', 'start' => $lost['key']];
        $this->keep($round, self::guardian('Ed Nox')->pass(), [$child])->assertCreated();
        $press($meetings, $moves)
            ->assertConflict()
            ->assertJsonPath('message', fn(string $said): bool => str_contains($said, 'stands where it was'));
        self::assertSame($before, $mine());
        // Nor does anybody move what is not theirs.
        $others = Booking::query()->where('student', 'Lo Nox')->firstOrFail();
        $press($meetings, [['booking' => $others->id, 'key' => $at('20:40')]])
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['moves.0.booking']);

        $this->delivered();
        MailroomMessage::query()->delete();
        $meetings = $find();
        $moves = array_values(array_filter($meetings, static fn(array $one): bool => $one['was'] !== ''));
        $press($meetings, $moves)->assertCreated();
        self::assertSame(
            array_map(static fn(array $one): string => substr($one['key'], 11, 5), $meetings),
            collect($mine())->sort()->values()->all(),
            'what was shown is what stands',
        );
        // An answer that was lost, of a press that only moved: it is done, and not done again.
        $this->keep(
            $round,
            $pass,
            [],
            more: [
                'moves' => [['booking' => $moves[0]['booking'], 'start' => $moves[0]['key']]],
            ],
        )->assertCreated();
        $this->delivered();
        $letters = MailroomMessage::query()->where('recipient', 'uma@mail.example')->get();
        self::assertCount(1, $letters, 'one letter');
        $text = RawMail::read((string) $letters[0]?->raw)->part('text/plain');
        self::assertStringContainsString('These 4 meetings are yours now.', (string) preg_replace('/\s+/', ' ', $text));

        // Cancelled as a whole: one letter, with an entry each that takes it out of the calendar.
        MailroomMessage::query()->delete();
        $this->ask('post', "/api/r/$round->slug/give-back", ['pass' => 'nobody’s'])->assertNotFound();
        $word = ['pass' => $pass->token(), 'note' => 'We all have the flu.'];
        $this->ask('post', "/api/r/$round->slug/give-back", $word)->assertOk();
        self::assertSame([], $mine());
        self::assertSame(1, Booking::query()->whereNotNull('hold_id')->count(), 'theirs alone');
        $this->delivered();
        $letters = MailroomMessage::query()->where('recipient', 'uma@mail.example')->get();
        self::assertCount(1, $letters);
        $raw = (string) $letters[0]?->raw;
        self::assertStringContainsString('You cancelled these 4 meetings.', RawMail::read($raw)->part('text/plain'));
        self::assertSame(4, substr_count($raw, 'method=CANCEL'));
        self::assertSame(
            3,
            MailroomMessage::query()->where('recipient', '!=', 'uma@mail.example')->distinct()->count('recipient'),
        );
        $this->ask('post', "/api/r/$round->slug/give-back", $word)->assertOk();
        $this->delivered();
        self::assertCount(
            1,
            MailroomMessage::query()->where('recipient', 'uma@mail.example')->get(),
            'nothing is left to tell',
        );
    }
}
