<?php

declare(strict_types=1);

namespace Tests\App;

use App\Allotting\Allotment;
use App\Allotting\Allotted;
use App\Allotting\BookAllotment;
use App\Allotting\BookFamily;
use App\Allotting\CheckAllotment;
use App\Allotting\WorkAllotment;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\RawMail;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Round;
use App\Models\SlotChange;
use App\Models\StaffMember;
use App\Publishing\LetLeave;
use App\RoundLetters\GivenLetter;
use App\RoundLetters\HostRoundLetter;
use App\Rounds\RoundHost;
use App\Rounds\TakeOut;
use App\Telling\WriteLetters;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Wishes until a day, then times for all of them at once: found, looked at, pinned, booked, and told. */
final class AllotmentsTest extends RoundTestCase
{
    private const UNTIL = '2026-11-30T18:00';

    public function test_wishes_are_sent_changed_and_taken_back_until_a_day_and_nothing_is_booked_meanwhile(): void
    {
        $round = $this->collecting();
        $pass = self::guardian('Uma Fay')->pass();
        $page = $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}")->assertOk();
        self::assertTrue($page->json('wishes.open'));
        self::assertNull($page->json('wishes.sent'));
        $pick = ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay'];
        $this->keep($round, $pass, [$pick + ['start' => self::EVENING . 'T20:00:00Z']])->assertForbidden();
        $this->ask('post', "/api/s/{$pick['sheet']}/bookings", ['pass' => $pass->token()])->assertNotFound();

        $this->wishes($round, $pass, [])->assertUnprocessable()->assertJsonValidationErrors('picks');
        $this->wishes($round, $pass, [$pick], [])
            ->assertUnprocessable()
            ->assertJsonPath('errors.windows.0', 'Say when you can come: on no evening nobody can meet you.');
        $this->wishes($round, $pass, array_fill(0, 200, $pick))
            ->assertUnprocessable()
            ->assertJsonValidationErrors('picks');
        $this->wishes($round, self::guardian('Ed Nox')->pass(), [$pick])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('picks.0.student');
        $this->wishes($round, null, [$pick])->assertForbidden();
        $this->wishes($round, $pass, [$pick])
            ->assertOk()
            ->assertJsonPath('wishes.sent.picks', [$pick]);
        $second = ['sheet' => $this->slug($this->iolo), 'student' => 'Cy Fay'];
        $this->wishes($round, $pass, [$second, $pick])
            ->assertOk()
            ->assertJsonPath('wishes.sent.picks.0', $second);
        $this->ask('delete', "/api/r/$round->slug/wishes", ['pass' => $pass->token()])
            ->assertOk()
            ->assertJsonPath('wishes.sent', null)
            ->assertJsonPath('asked.picks.0', $second);
        // The office sees who has, and who has not.
        $this->wishes($round, $pass, [$second])->assertOk();
        $this->actingAs($this->office);
        self::assertSame(
            [0, 1],
            array_column($this->ask('get', "/api/staff/rounds/$round->id")->json('classes'), 'missing'),
        );
        $this->ask('post', "/api/staff/rounds/$round->id/take-back")->assertConflict();
        // Without scripts: a number for each, and the evenings.
        $plain = [
            'pass' => $pass->token(),
            'rank' => ['Cy Fay' => [$second['sheet'] => '2'], 'Ada Fay' => [$pick['sheet'] => '1']],
            'dates' => [self::EVENING],
            'comes' => [self::EVENING],
        ];
        $this->get("/r/$round->slug?pass={$pass->token()}")
            ->assertOk()
            ->assertSee('Write 1 beside whom you want to meet most');
        $this->post("/r/$round->slug/wishes", ['comes' => []] + $plain)
            ->assertUnprocessable()
            ->assertSee('Say when you can come');
        $this->post("/r/$round->slug/wishes", $plain)->assertRedirect("/r/$round->slug?pass={$pass->token()}");
        $this->ask('get', "/api/r/$round->slug?pass={$pass->token()}")
            ->assertOk()
            ->assertJsonPath('wishes.sent.picks', [$pick, $second]);
        // What the round asks comes along, and what has to be answered is said beside it.
        $topic = new Question('q-topic', QuestionKind::Short, 'What shall we talk about?', '', true);
        $round->update(['questions' => new Questions([...$round->questions->all, $topic])]);
        $this->wishes($round, $pass, [$pick])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('about.Ada Fay.q-topic');
        $this->post("/r/$round->slug/wishes", $plain)
            ->assertUnprocessable()
            ->assertSee('What shall we talk about?')
            ->assertSee('Please fill this in.');
        $about = array_map(
            static fn(string $child): array => ['student' => $child, 'answers' => ['q-topic' => "About $child"]],
            ['Ada Fay', 'Cy Fay'],
        );
        $this->post("/r/$round->slug/wishes", ['about' => $about] + $plain)->assertRedirect();
        $this->get("/r/$round->slug?pass={$pass->token()}")
            ->assertOk()
            ->assertSee('About Cy Fay');
        CarbonImmutable::setTestNow('2026-11-30T22:00:00Z');
        $this->wishes($round, $pass, [$pick])->assertForbidden();
        $this->ask('delete', "/api/r/$round->slug/wishes", ['pass' => $pass->token()])->assertConflict();
    }

    public function test_times_are_found_pinned_found_anew_and_booked_with_one_letter_for_each_family(): void
    {
        $round = $this->collecting(['breaks' => true, 'line' => self::EVENING . ' 16:00-19:00 /15 gap 5']);
        [$uma, $ed] = [self::guardian('Uma Fay')->pass(), self::guardian('Ed Nox')->pass()];
        [$wren, $iolo, $maja] = [$this->slug($this->wren), $this->slug($this->iolo), $this->slug($this->maja)];
        $this->wishes($round, $uma, [
            ['sheet' => $wren, 'student' => 'Ada Fay'],
            ['sheet' => $maja, 'student' => 'Cy Fay'],
            ['sheet' => $iolo, 'student' => 'Cy Fay'],
        ])->assertOk();
        // In that time two meetings can be.
        $this->wishes(
            $round,
            $ed,
            [['sheet' => $wren, 'student' => 'Lo Nox'], ['sheet' => $iolo, 'student' => 'Lo Nox']],
            [self::hours('16:00', '16:35')],
        )->assertOk();
        // Maja needs to see Lo, whose family did not think of it.
        $this->actingAs($this->maja);
        $part = RoundHost::query()
            ->where(['round_id' => $round->id, 'staff_id' => $this->maja->id])
            ->firstOrFail();
        $lo = Student::query()->where('name', 'Lo Nox')->firstOrFail();
        $ada = Student::query()->where('name', 'Ada Fay')->firstOrFail();
        self::assertSame(
            ['Cy Fay', 'Lo Nox'],
            array_column($this->ask('get', "/api/staff/round-parts/$part->id/students")->json('students'), 'name'),
        );
        $this->ask(
            'put',
            "/api/staff/round-parts/$part->id",
            self::part('Room 4') + ['asked' => [$ada->id]],
        )->assertUnprocessable();
        $this->ask(
            'put',
            "/api/staff/round-parts/$part->id",
            self::part('Room 4') + ['asked' => [$lo->id], 'most' => 5],
        )
            ->assertOk()
            ->assertJsonPath('asked.0.name', 'Lo Nox');
        $this->json('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])->assertForbidden();

        $found = $this->found($round);
        self::assertSame(
            ['found', 6, 5, 5],
            [$found->json('state'), $found->json('wishes'), $found->json('granted'), $found->json('bound')],
        );
        self::assertCount(3, $found->json('picture.breaks'), 'each breathes once');
        self::assertSame(['Lo Nox'], array_column($found->json('picture.not'), 'student'));
        self::assertSame(
            ['Iolo Bevan is only free while they are in another meeting, or on the way.'],
            array_column($found->json('picture.not'), 'why'),
        );
        // The same wishes and seed, the same answer; and what is pinned stays, whatever the seed.
        $times = static fn(TestResponse $one): array => array_map(
            static fn(array $m): array => [$m['host'], $m['student'], $m['time']],
            $one->json('picture.meetings'),
        );
        self::assertSame($times($found), $times($this->found($round)));
        $last = Allotment::query()->orderByDesc('id')->firstOrFail();
        $pinned = $last->rows()->where('student', 'Cy Fay')->get();
        $this->ask('put', "/api/staff/allotments/$last->id/pins", [
            'rows' => $pinned->modelKeys(),
            'pinned' => true,
        ])->assertOk();
        $this->found($round, 7);
        $after = Allotment::query()->orderByDesc('id')->firstOrFail();
        self::assertEquals(
            $pinned->map(static fn(Allotted $row): mixed => $row->span())->all(),
            $after->rows()->where('pinned', true)->get()->map(static fn(Allotted $row): mixed => $row->span())->all(),
        );

        // Wishes can still come: it waits; what was found before they ended is found anew.
        $this->ask('post', "/api/staff/allotments/$after->id/publish")->assertConflict();
        CarbonImmutable::setTestNow('2026-11-24T13:00:00Z');
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])
            ->assertOk()
            ->assertJsonPath('collecting', false);
        $this->ask('post', "/api/staff/allotments/$after->id/publish")->assertConflict();
        $this->found($round, 7);
        $last = Allotment::query()->orderByDesc('id')->firstOrFail();
        $this->json('post', "/api/staff/allotments/$after->id/publish")->assertNotFound();
        // Somebody of another sheet is quicker with one of Wren's times: it stops once, then that one wish hears so, and all else is booked.
        $hers = $last->rows()->where('student', 'Ada Fay')->firstOrFail();
        $hold = [
            'staff_id' => $this->wren->id,
            'sheet_id' => $hers->sheet_id,
            'starts_at' => $hers->starts_at,
            'ends_at' => $hers->ends_at,
        ];
        $hold = DB::table('holds')->insertGetId($hold);
        DB::table('seats')->insert(['hold_id' => $hold, 'seat' => 1]);
        $this->ask('post', "/api/staff/allotments/$last->id/publish")
            ->assertStatus(202)
            ->assertJsonPath('state', 'booking');
        $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])->assertConflict();
        Mail::fake();
        Queue::fake();
        app()->call([new BookAllotment($last->id), 'handle']);
        Mail::assertNothingQueued();
        self::assertSame(0, Booking::query()->count());
        $this->ask('post', "/api/staff/allotments/$last->id/publish")->assertStatus(202);
        app()->call([new BookAllotment($last->id), 'handle']);
        app()->call([new BookAllotment($last->id), 'handle']);
        Mail::assertQueued(GivenLetter::class, 2);
        Mail::assertQueued(HostRoundLetter::class, 3);
        Queue::assertNotPushed(SendQueuedMailable::class);
        Queue::assertNotPushed(WriteLetters::class);
        $letter = Mail::queued(GivenLetter::class)->first();
        assert($letter instanceof GivenLetter);
        self::assertStringContainsString(
            'These 2 times are yours. For one wish there was no time; it stands below.',
            $letter->render(),
        );
        self::assertStringContainsString(
            'The time went to something else before it could be booked.',
            $letter->render(),
        );
        self::assertCount(1, $letter->attachments(), 'one calendar file');
        self::assertSame([4, 4], [Booking::query()->count(), $last->rows()->whereNotNull('booking_id')->count()]);
        self::assertSame('time-gone', $hers->refresh()->why?->value);
        $booked = $this->ask('get', "/api/staff/rounds/$round->id/allotment")->assertOk();
        self::assertSame(
            'All 2 families have their times and were told. What is free is open to everybody. One wish lost its time between being found and being booked; its family was told.',
            $booked->json('said'),
        );

        // Afterwards the rest is open to all, but for the breaks; and what they did not get is ticked already.
        Auth::forgetGuards();
        $page = $this->ask('get', "/api/r/$round->slug?pass={$uma->token()}")->assertOk();
        self::assertNull($page->json('wishes'));
        self::assertSame([['sheet' => $wren, 'student' => 'Ada Fay']], $page->json('asked.picks'));
        $plan = $this->plan($round->refresh(), $uma, $page->json('asked.picks'), [
            self::hours('16:00', '19:00'),
        ])->assertOk();
        self::assertCount(3, $plan->json('days.0.meetings'));
        self::assertSame(3, SlotChange::query()->where('closed', true)->count());
    }

    public function test_a_child_is_in_one_meeting_at_a_time_whoever_comes_with_it_and_of_two_guardians_one_has_the_time(): void
    {
        foreach ([false, true] as $each) {
            $round = $this->collecting([
                'each_guardian' => $each,
                'title' => "Round $each",
                'line' => ($each ? '2026-12-04' : self::EVENING) . ' 16:00-16:30 /15',
            ]);
            $mother = self::guardian('Uma Fay');
            $father = Guardian::query()->firstOrCreate(
                ['school_id' => $round->school_id, 'name' => 'Bo Ray'],
                ['email' => 'bo@mail.example', 'phone' => '902 555 0102'],
            );
            $father->students()->syncWithoutDetaching($mother->students->modelKeys());
            $wren = $round->sheets()->where('staff_id', $this->wren->id)->firstOrFail()->slug;
            foreach ([$mother, $father] as $one) {
                $this->wishes(
                    $round,
                    $one->pass(),
                    [['sheet' => $wren, 'student' => 'Ada Fay']],
                    [['date' => $each ? '2026-12-04' : self::EVENING, 'from' => '16:00', 'until' => '16:30']],
                )->assertOk();
            }
            $found = $this->found($round);
            self::assertCount($each ? 2 : 1, $found->json('picture.meetings'));
            self::assertSame(
                $each ? [] : ['Another guardian of the child wished for Wren Halloran first.'],
                array_column($found->json('picture.not'), 'why'),
            );
        }
    }

    public function test_who_is_met_for_longer_is_given_several_times_in_a_row(): void
    {
        $round = $this->collecting();
        $ada = Student::query()->where('name', 'Ada Fay')->firstOrFail();
        $part = RoundHost::query()
            ->where(['round_id' => $round->id, 'staff_id' => $this->wren->id])
            ->firstOrFail();
        $this->actingAs($this->wren);
        $this->ask(
            'put',
            "/api/staff/round-parts/$part->id",
            self::part('Room 12') + ['longer' => [['id' => $ada->id, 'times' => 2]]],
        )->assertOk();
        $pick = ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay'];
        // Two times, and the gap of five between them, do not fit into half an hour.
        $this->wishes($round, self::guardian('Uma Fay')->pass(), [$pick], [self::hours('16:00', '16:30')])->assertOk();
        self::assertSame(
            ['Wren Halloran has no time while they can come.'],
            array_column($this->found($round)->json('picture.not'), 'why'),
        );
        $round->update([
            'questions' => new Questions([
                ...$round->questions->all,
                new Question('q-topic', QuestionKind::Short, 'What about?'),
            ]),
        ]);
        $about = [['student' => 'Ada Fay', 'answers' => ['q-topic' => 'Reading']]];
        $this->wishes(
            $round,
            self::guardian('Uma Fay')->pass(),
            [$pick],
            [self::hours('16:00', '16:35')],
            '',
            $about,
        )->assertOk();
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertOk();
        CarbonImmutable::setTestNow('2026-11-24T13:00:00Z');
        $this->found($round);
        $id = Allotment::query()->max('id');
        $this->ask('post', "/api/staff/allotments/$id/publish")->assertStatus(202);
        app()->call([new BookAllotment((int) $id), 'handle']);
        $booking = Booking::query()->firstOrFail();
        self::assertSame(
            ['20:00', '20:35', ['q-topic' => 'Reading']],
            [$booking->starts_at->format('H:i'), $booking->ends_at->format('H:i'), $booking->answers],
        );
    }

    public function test_two_are_not_found_at_once_one_is_stopped_and_who_left_meanwhile_is_named(): void
    {
        $round = $this->collecting();
        $uma = self::guardian('Uma Fay')->pass();
        $this->wishes($round, $uma, [
            ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay'],
            ['sheet' => $this->slug($this->iolo), 'student' => 'Ada Fay'],
        ])->assertOk();
        $this->actingAs($this->office);
        Queue::fake();
        $id = $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])
            ->assertStatus(202)
            ->assertJsonPath('state', 'waiting')
            ->json('id');
        Queue::assertPushedOn('rounds', WorkAllotment::class);
        $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])
            ->assertConflict()
            ->assertJsonPath('message', 'Somebody has begun one already; it is still at work. Nothing else was begun.');
        $this->ask('post', "/api/staff/allotments/$id/stop")->assertStatus(202);
        app()->call([new WorkAllotment($id), 'handle']);
        $this->ask('get', "/api/staff/rounds/$round->id/allotment")
            ->assertOk()
            ->assertJsonPath('state', 'found');
        // Of one whose worker is gone nobody waits for ever.
        $id = $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])
            ->assertStatus(202)
            ->json('id');
        CarbonImmutable::setTestNow('2026-11-24T12:06:00Z');
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertConflict();
        $next = $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])
            ->assertStatus(202)
            ->json('id');
        app()->call([new WorkAllotment($id), 'handle']);
        self::assertSame('failed', Allotment::query()->findOrFail($id)->state->value);
        app()->call([new WorkAllotment($next), 'handle']);
        // Wren leaves the round between finding and booking.
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertOk();
        $id = $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => 1])
            ->assertStatus(202)
            ->json('id');
        app()->call([new WorkAllotment($id), 'handle']);
        $this->ask('post', "/api/staff/allotments/$id/publish")->assertStatus(202);
        $part = RoundHost::query()
            ->where(['round_id' => $round->id, 'staff_id' => $this->wren->id])
            ->firstOrFail();
        $this->json('delete', "/api/staff/round-parts/$part->id")->assertNoContent();
        // What was shown cannot be had any more: nothing is booked, nobody is told, and the office looks at it again.
        app()->call([new BookAllotment($id), 'handle']);
        self::assertSame([0, 0], [Booking::query()->count(), Allotted::query()->where('told', true)->count()]);
        $this->ask('get', "/api/staff/rounds/$round->id/allotment")
            ->assertJsonPath('state', 'found')
            ->assertJsonPath(
                'said',
                'Nothing was booked, and nobody was told: just before the first letter one of these times could not be had any more. What is left stands here: 1 of 2 wishes. Look at it, then publish it, or have it found once more.',
            );
        $this->ask('post', "/api/staff/allotments/$id/publish")->assertStatus(202);
        app()->call([new BookAllotment($id), 'handle']);
        self::assertSame(
            [null, 'host-gone'],
            Allotted::query()
                ->where('allotment_id', $id)
                ->orderBy('id')
                ->get()
                ->map(static fn(Allotted $row): ?string => $row->why?->value)
                ->sort()
                ->values()
                ->all(),
        );
        self::assertSame(1, Booking::query()->count());
    }

    /** @return iterable<string, array{callable(self, Round): void}> */
    public static function goings(): iterable
    {
        yield 'leaves the school' => [
            static fn(self $test): mixed => app(LetLeave::class)(
                $test->iolo,
                null,
                'Gone to sea.',
                (int) strtotime(self::NOW),
            ),
        ];
        yield 'is taken out of the round' => [
            static fn(self $test, Round $round): mixed => app(TakeOut::class)(
                RoundHost::query()
                    ->where(['round_id' => $round->id, 'staff_id' => $test->iolo->id])
                    ->sole(),
            ),
        ];
    }

    #[DataProvider('goings')]
    public function test_a_colleague_who_goes_in_the_middle_of_wishes_is_named_to_those_who_wished_for_them(
        callable $goes,
    ): void {
        $round = $this->collecting();
        [$uma, $ed] = [self::guardian('Uma Fay')->pass(), self::guardian('Ed Nox')->pass()];
        $maja = ['sheet' => $this->slug($this->maja), 'student' => 'Cy Fay'];
        $this->wishes($round, $uma, [['sheet' => $this->slug($this->iolo), 'student' => 'Ada Fay'], $maja])->assertOk();
        $this->wishes($round, $ed, [['student' => 'Lo Nox'] + $maja])->assertOk();
        $this->delivered();
        MailroomMessage::query()->delete();
        $goes($this, $round);
        $this->delivered();
        $letters = MailroomMessage::query()->where('subject', 'like', '%is not there any more%')->get();
        self::assertSame(['uma@mail.example'], $letters->pluck('recipient')->all());
        self::assertStringContainsString(
            'Iolo Bevan is not there on these days any more. Your other wishes stand.',
            RawMail::read((string) $letters[0]?->raw)->part('text/plain'),
        );
        // Their page says so, with scripts and without, and goes on with the rest; the office reads how many.
        $said = 'Iolo Bevan is not there on these days any more. Pick somebody else, or go on with the rest.';
        $at = "/r/$round->slug?pass={$uma->token()}";
        $this->ask('get', "/api$at")->assertJsonPath('gone', $said);
        $this->get($at)->assertSee($said);
        $this->ask('get', "/api/r/$round->slug?pass={$ed->token()}")->assertJsonPath('gone', '');
        $this->actingAs($this->office);
        $this->ask('get', "/api/staff/rounds/$round->id")->assertJsonPath(
            'gone',
            'One family has wished for Iolo Bevan, who is not in it any more. It has been told.',
        );
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertOk();
        self::assertSame(
            ['Iolo Bevan is not in the round any more.'],
            array_column($this->found($round)->json('picture.not'), 'why'),
        );
        $this->wishes($round, $uma, [$maja])->assertForbidden();
    }

    public function test_killed_in_the_middle_it_is_finished_and_interpreters_come_along(): void
    {
        $round = $this->collecting();
        $this->actingAs($this->office);
        $sol = $this->host('Sol Ito');
        $interpreters = static fn(StaffMember $one): array => [
            'interpreters' => [['staff' => $one->id, 'language' => 'fr']],
        ];
        $this->ask(
            'put',
            "/api/staff/rounds/$round->id/interpreters",
            $interpreters($this->wren),
        )->assertUnprocessable();
        $this->ask('put', "/api/staff/rounds/$round->id/interpreters", $interpreters($sol))->assertOk();
        [$uma, $ed] = [self::guardian('Uma Fay')->pass(), self::guardian('Ed Nox')->pass()];
        // Both need the one interpreter, and can come for three meetings between them.
        $hour = [self::hours('16:00', '16:55')];
        $this->wishes(
            $round,
            $uma,
            [
                ['sheet' => $this->slug($this->wren), 'student' => 'Ada Fay'],
                ['sheet' => $this->slug($this->iolo), 'student' => 'Ada Fay'],
            ],
            $hour,
            'fr',
        )->assertOk();
        $this->wishes(
            $round,
            $ed,
            [
                ['sheet' => $this->slug($this->maja), 'student' => 'Lo Nox'],
                ['sheet' => $this->slug($this->iolo), 'student' => 'Lo Nox'],
            ],
            $hour,
            'fr',
        )->assertOk();
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertOk();
        self::assertSame(
            [3, 1],
            [$this->found($round)->json('granted'), count($this->found($round)->json('picture.not'))],
        );
        $last = Allotment::query()->orderByDesc('id')->firstOrFail();
        $this->ask('post', "/api/staff/allotments/$last->id/publish")->assertStatus(202);
        // One family is in when its worker is killed.
        app(BookFamily::class)($last->refresh(), $uma->id, (int) strtotime(self::NOW));
        $first = $uma->bookings()->pluck('id')->all();
        $this->ask('get', "/api/staff/rounds/$round->id/allotment")
            ->assertOk()
            ->assertJsonPath('state', 'booking');
        app()->call([new BookAllotment($last->id), 'handle']);
        self::assertSame($first, $uma->bookings()->pluck('id')->all());
        self::assertSame(
            [3, 3],
            [
                Booking::query()->count(),
                Booking::query()->where('interpreter_id', $sol->id)->distinct()->count('starts_at'),
            ],
            'in no two at once',
        );
    }

    public function test_whoever_has_nothing_is_named_before_publishing_with_why_and_what_would_help(): void
    {
        $round = $this->collecting(['line' => self::EVENING . ' 16:00-16:30 /15', 'breaks' => false]);
        $maja = $this->slug($this->maja);
        $wish = static fn(string $child): array => [['sheet' => $maja, 'student' => $child]];
        $this->wishes($round, self::guardian('Uma Fay')->pass(), $wish('Cy Fay'), [self::hours('16:00', '16:15')]);
        $this->wishes($round, self::guardian('Ed Nox')->pass(), $wish('Lo Nox'), [self::hours('16:00', '16:15')]);
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertOk();
        $picture = $this->found($round)->json('picture');
        self::assertSame('One family has no meeting at all.', $picture['none_said']);
        self::assertSame(
            [
                ['The times of Maja Kos while they can come went to others.'],
                'More times of these teachers would help, or hours at which they have some left.',
            ],
            [$picture['none'][0]['said'], $picture['none'][0]['helps']],
        );
        // Were both given the same time of hers, each could have it, and not both: the later one is taken out.
        $time = Allotted::query()->whereNotNull('starts_at')->sole();
        Allotted::query()->update(['starts_at' => $time->starts_at, 'ends_at' => $time->ends_at, 'why' => null]);
        self::assertSame(1, app(CheckAllotment::class)(Allotment::query()->sole()));
        self::assertSame(
            [Allotted::query()->max('id') => 'time-gone'],
            Allotted::query()->whereNull('starts_at')->toBase()->pluck('why', 'id')->all(),
        );
    }

    public function test_who_takes_over_from_a_colleague_is_one_host_and_what_is_said_to_be_granted_can_be_booked(): void
    {
        $round = $this->collecting(['line' => self::EVENING . ' 16:00-17:00 /15', 'breaks' => false]);
        [$uma, $ed] = [self::guardian('Uma Fay')->pass(), self::guardian('Ed Nox')->pass()];
        [$iolo, $maja] = [$this->slug($this->iolo), $this->slug($this->maja)];
        $hour = [self::hours('16:00', '17:00')];
        $this->wishes(
            $round,
            $uma,
            [['sheet' => $iolo, 'student' => 'Ada Fay'], ['sheet' => $maja, 'student' => 'Cy Fay']],
            $hour,
        );
        $this->wishes(
            $round,
            $ed,
            [['sheet' => $iolo, 'student' => 'Lo Nox'], ['sheet' => $maja, 'student' => 'Lo Nox']],
            $hour,
        );
        // Iolo's times are Maja's now, who has her own at the same hours; she has them once.
        app(LetLeave::class)($this->iolo, $this->maja, 'I have gone to sea.', (int) strtotime(self::NOW));
        $elsewhere = $this->sheet($this->maja, title: 'Elsewhere');
        $busy = fn(string $time): TestResponse => $this->book(
            $elsewhere,
            $this->otherWish($elsewhere, $time, "At $time"),
        )->assertCreated();
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/rounds/$round->id/wishes-until", [])->assertOk();
        $found = $this->found($round);
        self::assertSame([4, 4], [$found->json('granted'), $found->json('bound')]);
        $at = array_map(static fn(array $one): array => [$one['host'], $one['at']], $found->json('picture.meetings'));
        self::assertCount(4, array_unique($at, SORT_REGULAR), 'She is in one meeting at a time, in one row.');
        self::assertSame(['Maja Kos', 'Wren Halloran'], array_column($found->json('picture.hosts'), 'name'));

        // Somebody is quicker than the press: it stops before the first letter, and what is said then is booked, all of it.
        $busy('20:00');
        $id = Allotment::query()->orderByDesc('id')->value('id');
        $this->ask('post', "/api/staff/allotments/$id/publish")->assertStatus(202);
        app()->call([new BookAllotment($id), 'handle']);
        self::assertSame(0, Booking::query()->whereNotNull('student_id')->count());
        $this->actingAs($this->office);
        $now = $this->ask('get', "/api/staff/rounds/$round->id/allotment")->assertJsonPath('state', 'found');
        self::assertSame(3, $now->json('granted'));
        // Found once more it knows of it.
        $busy('20:15');
        $again = $this->found($round);
        self::assertSame(2, $again->json('granted'));
        self::assertSame('Every family has at least one meeting.', $again->json('picture.none_said'));
        $id = Allotment::query()->orderByDesc('id')->value('id');
        $this->ask('post', "/api/staff/allotments/$id/publish")->assertStatus(202);
        app()->call([new BookAllotment($id), 'handle']);
        self::assertSame(2, Booking::query()->whereNotNull('student_id')->count());
        $this->ask('get', "/api/staff/rounds/$round->id/allotment")->assertJsonPath('state', 'booked');
    }

    /** @param  array<string, mixed>  $changes */
    private function collecting(array $changes = []): Round
    {
        return $this->published($changes + ['collects' => true, 'wishes_until' => self::UNTIL]);
    }

    /**
     * @param  list<array<string, string>>  $picks
     * @param  list<array<string, string>>|null  $windows
     * @param  list<array<string, mixed>>  $about
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function wishes(
        Round $round,
        ?Pass $pass,
        array $picks,
        ?array $windows = null,
        string $interpreter = '',
        array $about = [],
    ): TestResponse {
        return $this->ask('put', "/api/r/$round->slug/wishes", [
            'interpreter' => $interpreter,
            'about' => $about,
            'pass' => $pass?->token(),
            'picks' => $picks,
            'windows' => $windows ?? [self::hours('16:00', '19:00')],
        ]);
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> the office's look at what was found */
    private function found(Round $round, int $seed = 1): TestResponse
    {
        $this->actingAs($this->office);
        $id = $this->ask('post', "/api/staff/rounds/$round->id/allotment", ['seed' => $seed])
            ->assertStatus(202)
            ->json('id');
        app()->call([new WorkAllotment($id), 'handle']);

        return $this->ask('get', "/api/staff/rounds/$round->id/allotment")->assertOk();
    }
}
