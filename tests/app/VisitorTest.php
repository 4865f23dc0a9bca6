<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Hold;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Sheet;
use App\Models\Waiting;
use App\School\UsualQuestions;
use App\Telling\BookingMessage;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Recess\Rules\Stated;

/** What a visitor does besides booking: keep, move, bring, wait, ask, look up. */
final class VisitorTest extends TestCase
{
    use RefreshDatabase;

    private const KEY = '7f3c1f0e-2b1d-4c55-9b6e-0a4f6d3c9a11';

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function keep(Sheet $sheet, string $time, string $key = self::KEY): TestResponse
    {
        return $this->ask('post', "/api/s/$sheet->slug/keep", [
            'slot' => self::EVENING . "T$time:00Z",
            'keep_key' => $key,
        ]);
    }

    public function test_a_picked_time_is_kept_for_five_minutes_and_free_again_after(): void
    {
        $sheet = $this->sheet();
        $this->keep($sheet, '20:15')->assertOk()->assertJsonPath('seconds', 300);
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertConflict();
        $this->keep($sheet, '20:15', Str::uuid()->toString())->assertConflict();

        // Another pick lets the first one go; the one who keeps it can book it.
        $this->keep($sheet, '20:30')->assertOk();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertCreated();
        $this->book($sheet, ['keep_key' => self::KEY] + $this->wish($sheet, '20:30'))->assertCreated();
        self::assertSame(2, Hold::query()->count());

        $this->keep($sheet, '20:45')->assertOk();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds(301));
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('free', 2);
        $this->book($sheet, $this->otherWish($sheet, '20:45', 'Cleo'))->assertCreated();
        Artisan::call('recess:tidy');
        self::assertSame(3, Hold::query()->count());
    }

    public function test_leaving_frees_it_at_once_and_nobody_keeps_a_whole_evening(): void
    {
        $sheet = $this->sheet(minutes: 5);
        $this->keep($sheet, '20:15')->assertOk();
        $this->ask('post', "/api/s/$sheet->slug/let-go", ['keep_key' => self::KEY])->assertOk();
        self::assertSame(0, Hold::query()->count());

        for ($i = 0; $i < 6; $i++) {
            $this->keep($sheet, sprintf('20:%02d', $i * 5), Str::uuid()->toString())
                ->assertOk()
                ->assertJsonPath('seconds', 300);
        }
        $this->keep($sheet, '20:35', Str::uuid()->toString())
            ->assertOk()
            ->assertJsonPath('seconds', null);
        self::assertSame(6, Hold::query()->count());
    }

    public function test_a_second_child_goes_on_the_same_pass_and_nobody_is_in_two_meetings(): void
    {
        $first = $this->sheet();
        $second = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan');
        $second
            ->places()
            ->reorder()
            ->update(['label' => 'Room 3']);
        $second->refresh();
        $pass = substr((string) $this->book($first, $this->wish($first, '20:15'))->json('path'), 3);
        $with = fn(string $time, string $student) => [
            'pass' => $pass,
            'answers' => ['student' => $student, 'phone' => '902 555 0150'],
        ] + $this->wish($second, $time);

        // The same minute, and too close to get from room to room (five minutes).
        $this->book($second, $with('20:15', 'Esi Ferreira'))
            ->assertConflict()
            ->assertJsonPath(
                'message',
                'You are in another meeting around 16:15, or could not get from one to the other in time. 16:45 is free.',
            );
        $this->book($second, $with('20:30', 'Esi Ferreira'))->assertConflict();
        $this->ask('get', "/api/s/$second->slug?pass=$pass&student=Esi")->assertJsonPath('free', 1);
        $this->book($second, $with('20:45', 'Esi Ferreira'))->assertCreated()->assertJsonCount(2, 'bookings');
        self::assertSame(1, Pass::query()->count());

        // The student, booked by the other guardian: the same child is not in two rooms.
        $this->book(
            $second,
            $this->wish($second, '20:15', [
                'name' => 'Kofi Ferreira',
                'email' => 'kofi@mail.example',
                'answers' => ['student' => ' kwame  FERREIRA', 'phone' => '902 555 0151'],
            ]),
        )->assertConflict();
        $once = $this->sheet(
            $this->host('Ffion Pugh'),
            title: 'Pugh',
            rules: Stated::of(['per_student' => 1, 'per_visitor' => 2]),
            date: '2026-12-04',
        );
        $at = fn(string $time, string $who, string $student) => [
            'slot' => "2026-12-04T$time:00Z",
            'answers' => ['student' => $student, 'phone' => '902 555 0150'],
        ] + $this->otherWish($once, $time, $who);
        $this->book($once, $at('20:00', 'Ama', 'Kwame Ferreira'))->assertCreated();
        self::assertStringContainsString(
            'cannot be booked as it is filled in',
            (string) $this->book($once, $at('20:30', 'Kofi', 'Kwame Ferreira'))->assertConflict()->json('message'),
        );
    }

    public function test_once_a_week_is_once_in_that_week_and_a_booking_can_still_be_moved_within_it(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_week' => 1]));
        $path = (string) $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated()->json('path');
        $pass = substr($path, 3);
        $other = ['pass' => $pass, 'answers' => ['student' => 'Esi Ferreira', 'phone' => '902 555 0199']];
        self::assertStringContainsString(
            'in that week already',
            (string) $this->book($sheet, $this->wish($sheet, '20:30', $other))->assertConflict()->json('message'),
        );
        $id = Booking::query()->sole()->id;
        $slot = ['slot' => self::EVENING . 'T20:30:00Z'];
        $this->ask('post', "/api$path/bookings/$id/move", $slot)->assertOk();
        // The host books beyond their own rule.
        $this->actingAs($sheet->host)
            ->ask(
                'post',
                "/api/staff/sheets/$sheet->id/bookings",
                $this->wish($sheet, '20:45', ['answers' => ['student' => 'Esi', 'phone' => '902 555 0150']]),
            )
            ->assertCreated();
    }

    public function test_once_a_term_counts_by_the_terms_of_the_school(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_term' => 1]));
        $pass = substr((string) $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated()->json('path'), 3);
        $other = ['pass' => $pass, 'answers' => ['student' => 'Esi Ferreira', 'phone' => '902 555 0199']];
        $sheet->host->school->update([
            'terms' => [['name' => 'Autumn', 'first' => '2026-09-08', 'last' => '2026-12-11']],
        ]);
        self::assertStringContainsString(
            'in that term already',
            (string) $this->book($sheet, $this->wish($sheet, '20:30', $other))->assertConflict()->json('message'),
        );
        $sheet->host->school->update([
            'terms' => [['name' => 'Spring', 'first' => '2027-01-04', 'last' => '2027-03-26']],
        ]);
        $this->book($sheet, $this->wish($sheet, '20:45', $other))->assertCreated();
    }

    public function test_a_time_is_free_where_its_visitor_can_get_to_in_time(): void
    {
        $first = $this->sheet();
        $second = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan');
        $second
            ->places()
            ->firstOrFail()
            ->update(['label' => 'Room 3']);
        $phone = $second
            ->places()
            ->create(['kind' => 'phone', 'label' => 'By phone', 'directions' => '', 'position' => 1])->id;
        $room = $second->refresh()->places->firstOrFail()->id;
        $pass = substr((string) $this->book($first, $this->wish($first, '20:15'))->json('path'), 3);

        // Five minutes from room to room: straight after, only the phone will do.
        $slots = fn(string $query): array => (array) $this->ask('get', "/api/s/$second->slug$query")->json(
            'days.0.stretches.0.slots',
        );
        $seen = $slots("?pass=$pass");
        self::assertSame(['free', 'busy', 'free', 'free'], array_column($seen, 'state'));
        self::assertSame([[$phone], [$phone], [$room, $phone]], array_column($seen, 'places'));
        self::assertSame(
            [],
            array_column($slots(''), 'places'),
            'To somebody of whom nothing is known all places are the same.',
        );

        $wish = fn(int $place): array => ['pass' => $pass, 'place' => $place] + $this->wish($second, '20:30');
        $this->book($second, $wish($room))->assertConflict();
        $this->book($second, $wish($phone))->assertCreated();
    }

    public function test_moving_gives_up_the_old_time_only_for_the_new_one(): void
    {
        $sheet = $this->sheet();
        $path = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Bao'))->assertCreated();
        $id = (int) Booking::query()->min('id');
        $move = fn(string $time) => $this->ask('post', "$path/bookings/$id/move", [
            'slot' => self::EVENING . "T$time:00Z",
        ]);

        $move('20:30')->assertConflict();
        self::assertSame('20:15', Booking::query()->findOrFail($id)->starts_at->format('H:i'));
        $move('20:45')
            ->assertOk()
            ->assertJsonPath('bookings.0.from', '16:45')
            ->assertJsonPath('bookings.0.state', 'booked');
        self::assertSame([2, 1], [Hold::query()->count(), Booking::query()->findOrFail($id)->sequence]);
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Cleo'))->assertCreated();
        // Once is once, even where a sheet allows one a student: a move is no second booking.
        $once = $this->sheet(
            $this->host('Iolo Bevan'),
            title: 'Once',
            rules: Stated::of(['per_student' => 1]),
            date: '2026-12-04',
        );
        $own = '/api' . $this->book($once, ['slot' => '2026-12-04T20:00:00Z'] + $this->wish($once))->json('path');
        $this->ask('post', "$own/bookings/" . Booking::query()->max('id') . '/move', [
            'slot' => '2026-12-04T20:15:00Z',
        ])->assertOk();
    }

    public function test_a_guest_has_a_pass_of_their_own_and_may_leave(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1]));
        $path = '/api' . $this->book($sheet, $this->wish($sheet))->json('path');
        $id = (int) Booking::query()->min('id');
        $this->ask('post', "$path/bookings/$id/guests", ['name' => 'Kofi Ferreira', 'email' => 'kofi@mail.example'])
            ->assertOk()
            ->assertJsonPath('bookings.0.guests.0.name', 'Kofi Ferreira');
        $this->ask('post', "$path/bookings/$id/guests", [
            'name' => 'One Too Many',
            'email' => 'many@mail.example',
        ])->assertConflict();

        $guest = '/api/p/' . Guest::query()->firstOrFail()->pass->token();
        $this->ask('get', $guest)
            ->assertJsonPath('bookings.0.own', false)
            ->assertJsonPath('bookings.0.can_give_back', false)
            ->assertJsonPath('bookings.0.visitor', 'Ama Otoo')
            ->assertJsonPath('bookings.0.answers', []);
        $this->ask('post', "$guest/bookings/$id/give-back")->assertNotFound();
        DB::table('jobs')->delete();
        $this->ask('post', "$path/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertOk();
        self::assertSame(3, $this->lettersWaiting(), 'Visitor, guest and host.');
        $this->ask('post', "$guest/bookings/$id/leave")
            ->assertOk()
            ->assertJsonCount(0, 'bookings');
        $this->ask('get', $path)->assertJsonPath('bookings.0.guests', [])->assertJsonPath('bookings.0.state', 'booked');
    }

    public function test_the_next_in_line_is_offered_what_comes_free_for_a_set_time(): void
    {
        $sheet = $this->sheet(minutes: 60);
        $path = '/api' . $this->book($sheet, $this->wish($sheet, '20:00'))->json('path');
        foreach (['first', 'second', 'stranger'] as $who) {
            $this->ask('post', "/api/s/$sheet->slug/waiting", [
                'name' => $who,
                'email' => "$who@mail.example",
            ])->assertOk();
        }
        $this->ask('post', "/api/s/$sheet->slug/waiting", [
            'name' => 'first again',
            'email' => 'first@mail.example',
        ])->assertOk();
        self::assertSame(3, Waiting::query()->count());
        // The first and the second press what was sent to them; the stranger, whose address somebody typed, does nothing.
        $line = Waiting::query()->with('pass')->get()->keyBy(static fn(Waiting $one): string => $one->pass->name);
        foreach (['first' => 'You are first.', 'second' => 'You are second.'] as $who => $says) {
            $this->get('/w/' . $line[$who]->token())
                ->assertOk()
                ->assertSee('Yes, tell me when one is free');
            $this->post('/w/' . $line[$who]->token() . '/confirm')->assertRedirect();
            $this->get('/w/' . $line[$who]->token())->assertSee($says);
        }

        DB::table('jobs')->delete();
        config(['mail.default' => 'mailroom', 'recess.demo' => true]);
        $this->ask('post', "$path/bookings/" . Booking::query()->min('id') . '/give-back')->assertOk();
        $this->delivered();
        $offers = fn(): array => DB::table('mailroom_messages')
            ->where('subject', 'like', 'A time is free%')
            ->orderBy('id')
            ->pluck('recipient')
            ->all();
        self::assertSame(['first@mail.example'], $offers());
        $this->book($sheet, $this->otherWish($sheet, '20:00', 'Pusher In'))->assertConflict();

        $this->get('/w/' . $line['first']->token())
            ->assertSee('A time is kept for you: Thursday 3 December, 16:00.')
            ->assertSee('No, thank you: not this time');
        // To look at the offer takes nothing from it.
        preg_match(
            '/kept=3D([0-9a-f-]{36})/',
            str_replace(
                "=\r\n",
                '',
                (string) DB::table('mailroom_messages')->where('subject', 'like', 'A time is free%')->value('raw'),
            ),
            $key,
        );
        $this->keep($sheet, '20:00', $key[1] ?? '')
            ->assertOk()
            ->assertJsonPath('seconds', 7200);

        // Not taken in two hours: the second has their turn; the first is behind them.
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(121));
        Artisan::call('recess:tidy');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        self::assertSame(['first@mail.example', 'second@mail.example'], $offers());
        // Declined, it is offered to whoever is next, and to nobody a third time.
        $this->post('/w/' . $line['second']->token() . '/decline')->assertRedirect();
        Artisan::call('recess:tidy');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        self::assertSame(['first@mail.example', 'second@mail.example', 'first@mail.example'], $offers());
        $this->post('/w/' . $line['first']->token() . '/decline')
            ->assertOk()
            ->assertSee('You are not told of free times any more.');
        $this->get('/w/' . $line['first']->token())->assertNotFound();
        Artisan::call('recess:tidy');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        self::assertSame('second@mail.example', $offers()[3]);
        $letter = (string) DB::table('mailroom_messages')
            ->where('recipient', 'second@mail.example')
            ->orderByDesc('id')
            ->value('raw');
        preg_match('/kept=3D([0-9a-f-]{36})/', str_replace("=\r\n", '', $letter), $key);
        $this->book(
            $sheet,
            ['keep_key' => $key[1] ?? '', 'email' => 'second@mail.example'] +
                $this->otherWish($sheet, '20:00', 'Second'),
        )->assertCreated();
        // Left are the stranger, who was told nothing but asked once, and is forgotten after a day.
        self::assertSame(
            ['stranger'],
            Waiting::query()->get()->map(static fn(Waiting $one): string => $one->pass->name)->all(),
        );
        self::assertSame([], array_filter($offers(), static fn(string $to): bool => $to === 'stranger@mail.example'));
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay());
        Artisan::call('recess:tidy');
        self::assertSame(0, Waiting::query()->count());
    }

    public function test_asked_maybe_accepted_declined_and_not_answered_in_time(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['approve' => true, 'asked_hours' => 24]));
        $path =
            '/api' .
            $this->book($sheet, $this->wish($sheet, '20:15'))
                ->assertCreated()
                ->assertJsonPath('bookings.0.state', 'asked')
                ->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertConflict();
        $this->actingAs($this->host());
        $id = (int) Booking::query()->min('id');
        $answer = fn(int $booking, string $what, string $note = '') => $this->ask(
            'post',
            "/api/staff/bookings/$booking/answer",
            ['answer' => $what, 'note' => $note],
        )->assertOk();

        $answer($id, 'maybe', 'I have to ask the choir.');
        $this->ask('get', $path)
            ->assertJsonPath('bookings.0.maybe', true)
            ->assertJsonPath('bookings.0.answer_note', 'I have to ask the choir.')
            ->assertJsonPath('bookings.0.state', 'asked');
        $answer($id, 'accept');
        $answer($id, 'decline');
        $this->ask('get', $path)->assertJsonPath('bookings.0.state', 'booked');

        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Bao'))->assertCreated();
        $answer((int) Booking::query()->max('id'), 'decline', 'Come on Friday.');
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Cleo'))->assertCreated();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addHours(25));
        Artisan::call('recess:tidy');
        self::assertSame(
            ['booked', 'declined', 'declined'],
            Booking::query()->orderBy('id')->get()->map(static fn(Booking $one): string => $one->state->value)->all(),
        );
        self::assertSame(1, Hold::query()->count());
    }

    public function test_the_office_books_for_those_without_an_address_and_only_the_office(): void
    {
        $sheet = $this->sheet();
        $office = $this->host('Office Lead');
        $office->update(['office' => true]);
        $for = fn(string $time) => $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            ['email' => ''] + $this->wish($sheet, $time),
        );
        $this->actingAs($this->host('Iolo Bevan'));
        $for('20:15')->assertForbidden();

        $this->actingAs($office->refresh());
        $for('20:15')
            ->assertCreated()
            ->assertJsonPath('bookings.0.made_by', 'office')
            ->assertJsonPath('bookings.0.email', '');
        self::assertSame(1, $this->lettersWaiting(), 'The host is told; the visitor cannot be.');
        $id = (int) Booking::query()->min('id');
        self::assertStringStartsWith(
            '%PDF-',
            (string) $this->get("/staff/bookings/$id/slip.pdf")
                ->assertOk()
                ->getContent(),
        );
        $this->ask('post', "/api/staff/bookings/$id/move", ['slot' => self::EVENING . 'T20:30:00Z'])->assertOk();
        $this->ask('post', "/api/staff/bookings/$id/cancel")
            ->assertOk()
            ->assertJsonPath('bookings.0.off_said', 'by the office');
    }

    public function test_reminders_go_out_once_and_never_after_the_meeting(): void
    {
        Mail::fake();
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $sent = function (string $at): int {
            CarbonImmutable::setTestNow($at);
            $before = Mail::queued(BookingMessage::class)->count();
            Artisan::call('recess:remind');
            Artisan::call('recess:remind');

            return Mail::queued(BookingMessage::class)->count() - $before;
        };
        // 1 day before, and 15 min before: common practice, no published source.
        self::assertSame(0, $sent('2026-12-02T20:14:00Z'));
        self::assertSame(2, $sent('2026-12-02T20:15:00Z'), 'Visitor and host.');
        self::assertSame(0, $sent('2026-12-03T19:59:00Z'));
        self::assertSame(2, $sent('2026-12-03T20:00:00Z'));
        self::assertSame(0, $sent('2026-12-03T20:15:00Z'));

        // Down for a night: only the one that still helps; down until after the meeting: none.
        $late = $this->sheet($this->host('Iolo Bevan'), title: 'Late', date: '2026-12-10');
        $this->book(
            $late,
            ['slot' => '2026-12-10T20:00:00Z'] + $this->otherWish($late, '20:00', 'Bao'),
        )->assertCreated();
        self::assertSame(2, $sent('2026-12-10T19:50:00Z'));
        self::assertSame(0, $sent('2026-12-10T21:00:00Z'));
    }

    public function test_a_message_that_is_handed_over_twice_is_there_once(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        self::assertSame(2, $this->lettersWaiting());
        // As when the worker is killed between handing it over and ticking it off.
        DB::table('jobs')->insert(
            DB::table('jobs')->get()->map(static fn(\stdClass $job): array => ['id' => null] + (array) $job)->all(),
        );
        self::assertSame(4, $this->lettersWaiting());
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        self::assertSame([0, 0], [DB::table('jobs')->count(), DB::table('failed_jobs')->count()]);
        self::assertSame(
            ['ama@mail.example', 'wren-halloran@school.example'],
            DB::table('mailroom_messages')->orderBy('recipient')->pluck('recipient')->all(),
        );
    }

    public function test_hosts_hear_as_often_as_they_like(): void
    {
        $host = $this->host();
        $sheet = $this->sheet();
        $host->update(['notify' => 'daily']);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        self::assertSame(1, $this->lettersWaiting());
        CarbonImmutable::setTestNow('2026-11-25T10:59:00Z');
        Artisan::call('recess:digest');
        self::assertSame(1, $this->lettersWaiting());
        // Seven in Halifax.
        CarbonImmutable::setTestNow('2026-11-25T11:01:00Z');
        Artisan::call('recess:digest');
        Artisan::call('recess:digest');
        self::assertSame(2, $this->lettersWaiting());
    }

    public function test_a_video_link_is_shown_when_it_is_due(): void
    {
        foreach (
            [
                ['booked', '2026-11-24T12:00:00Z', true],
                ['before', '2026-12-03T19:59:00Z', false],
                ['before', '2026-12-03T20:00:00Z', true],
                ['called', '2026-12-03T20:14:00Z', false],
            ]
            as $i => [$shown, $at, $seen]
        ) {
            CarbonImmutable::setTestNow(self::NOW);
            $sheet = $this->sheet(
                $this->host("Host $i"),
                title: "Video $i",
                rules: Stated::of(['link_shown' => $shown]),
            );
            $sheet
                ->places()
                ->reorder()
                ->update(['kind' => 'video', 'link' => 'https://video.school.example/r/7']);
            $path =
                '/api' . $this->book($sheet->refresh(), $this->otherWish($sheet, '20:15', "Visitor $i"))->json('path');
            CarbonImmutable::setTestNow($at);
            $place = $this->ask('get', $path)->json('bookings.0.place');
            self::assertSame([$seen, $seen], [$place['link'] !== null, $place['promise'] === '']);
        }
    }

    public function test_links_of_their_own_or_added_later_to_one_or_to_all(): void
    {
        $each = $this->sheet();
        $each
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'link_mode' => 'each']);
        $each->refresh();
        $links = array_map(
            fn(string $time, string $who) => $this->book($each, $this->otherWish($each, $time, $who))
                ->assertCreated()
                ->json('bookings.0.place.link'),
            ['20:00', '20:15'],
            ['Ama', 'Bao'],
        );
        self::assertCount(2, array_unique($links));
        $this->get(parse_url($links[0], PHP_URL_PATH))->assertOk();
        // Another last letter, whatever it is: one link in 64 ends in an x already.
        $room = (string) parse_url($links[0], PHP_URL_PATH);
        $this->get(substr($room, 0, -1) . ($room[-1] === 'x' ? 'y' : 'x'))->assertNotFound();

        $later = $this->sheet($this->host('Iolo Bevan'), title: 'Later');
        $later
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'link_mode' => 'later']);
        $later->refresh();
        foreach (['20:00' => 'Cleo', '20:15' => 'Davi', '20:30' => 'Esme'] as $time => $who) {
            $this->book($later, $this->otherWish($later, $time, $who))
                ->assertCreated()
                ->assertJsonPath(
                    'bookings.0.place.promise',
                    'The link comes later. You get a message when it is there.',
                );
        }
        CarbonImmutable::setTestNow('2026-12-02T20:20:00Z');
        Artisan::call('recess:tidy');
        Artisan::call('recess:tidy');
        self::assertSame(
            2,
            DB::table('notices')->where('says', 'booking.no_link_yet')->count(),
            'Recess reminds of those within a day, once.',
        );
        DB::table('jobs')->delete();
        $this->actingAs($this->host('Iolo Bevan'));
        $one = (int) Booking::query()->where('sheet_id', $later->id)->min('id');
        $this->ask('post', "/api/staff/sheets/$later->id/link", [
            'link' => 'https://video.school.example/a',
            'bookings' => [$one],
        ])
            ->assertOk()
            ->assertJsonPath('links_missing', 2);
        $this->ask('post', "/api/staff/sheets/$later->id/link", [
            'link' => 'https://video.school.example/b',
        ])->assertJsonPath('links_missing', 0);
        self::assertSame(
            ['https://video.school.example/a', 'https://video.school.example/b', 'https://video.school.example/b'],
            Booking::query()->where('sheet_id', $later->id)->orderBy('id')->pluck('link')->all(),
        );
        self::assertSame(3, $this->lettersWaiting());
    }

    public function test_answers_of_every_kind_are_checked_and_can_be_changed(): void
    {
        $questions = new Questions([
            new Question('why', QuestionKind::Choice, 'Why?', '', true, true, ['Marks', 'Friends']),
            new Question('what', QuestionKind::Several, 'What?', '', false, true, ['Book', 'Pen']),
            new Question('ok', QuestionKind::YesNo, 'May we?', '', true),
            new Question('site', QuestionKind::Address, 'Page'),
            new Question('mail', QuestionKind::Email, 'Other address'),
        ]);
        $sheet = $this->sheet(questions: $questions);
        $good = [
            'why' => 'Marks',
            'what' => ['Pen'],
            'ok' => false,
            'site' => 'https://page.example',
            'mail' => 'b@mail.example',
        ];
        foreach (
            ['why' => 'Weather', 'ok' => null, 'site' => 'javascript:1', 'mail' => "a@b\r\nBcc: c@d"]
            as $key => $bad
        ) {
            $this->book($sheet, ['answers' => [$key => $bad] + $good] + $this->wish($sheet))
                ->assertUnprocessable()
                ->assertOnlyJsonValidationErrors(["answers.$key"]);
        }
        $this->book(
            $sheet,
            ['answers' => ['what' => ['Pen', 'Knife']] + $good] + $this->wish($sheet),
        )->assertUnprocessable();
        $path =
            '/api' .
            $this->book($sheet, ['answers' => $good] + $this->wish($sheet))
                ->assertCreated()
                ->json('path');
        $id = (int) Booking::query()->min('id');
        $this->ask('post', "$path/bookings/$id/answers", ['answers' => ['why' => 'Friends'] + $good])
            ->assertOk()
            ->assertJsonPath('bookings.0.answers.why', 'Friends')
            ->assertJsonPath('bookings.0.answers.ok', false);
        $this->ask('post', "$path/bookings/$id/answers", [
            'answers' => ['why' => 'Weather'] + $good,
        ])->assertUnprocessable();
        $this->actingAs($this->host())
            ->ask('get', "/api/staff/sheets/$sheet->id")
            ->assertJsonPath('bookings.0.answers', [
                'Why?' => 'Friends',
                'What?' => 'Pen',
                'May we?' => 'no',
                'Page' => 'https://page.example',
                'Other address' => 'b@mail.example',
            ]);
    }

    public function test_a_phone_number_that_becomes_another_question_is_a_phone_number_nowhere(): void
    {
        $sheet = $this->draft();
        $questions = UsualQuestions::all()->toArray();
        $questions[1] = ['kind' => 'long', 'label' => 'What shall we talk about?'] + $questions[1];
        $this->actingAs($sheet->host)
            ->ask('put', "/api/staff/sheets/$sheet->id", self::form(['version' => 1, 'questions' => $questions]))
            ->assertOk();
        $this->publish($sheet->refresh());
        Auth::forgetGuards();
        $asked = $this->ask('get', "/api/s/$sheet->slug")->json('questions');
        self::assertSame(['student', 'q-phone'], array_column($asked, 'key'));
        $topic = 'Marks, and the trip in spring.';
        $this->book(
            $sheet,
            ['slot' => self::EVENING . 'T20:25:00Z', 'answers' => ['student' => 'Kofi Otoo', 'q-phone' => $topic]] +
                $this->wish($sheet),
        )
            ->assertCreated()
            ->assertJsonPath('phone', '');
        $this->actingAs($sheet->host);
        $this->ask('get', "/api/staff/sheets/$sheet->id")->assertJsonPath('bookings.0.answers', [
            'What shall we talk about?' => $topic,
        ]);
        $csv = (string) $this->get("/staff/sheets/$sheet->id/files/bookings.csv")->getContent();
        self::assertStringContainsString('What shall we talk about?', $csv);
        self::assertStringContainsString($topic, $csv);
    }

    public function test_the_pass_again_says_the_same_to_everybody_and_a_new_address_ends_the_old(): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet))->json('path');
        DB::table('jobs')->delete();
        $known = $this->ask('post', '/api/pass-again', ['email' => 'ama@MAIL.example'])
            ->assertOk()
            ->getContent();
        self::assertSame(
            $known,
            $this->ask('post', '/api/pass-again', ['email' => 'nobody@mail.example'])
                ->assertOk()
                ->getContent(),
        );
        // Whether anybody has it is looked up later, for each alike (StrangersTest has the letters).
        self::assertSame(2, $this->lettersWaiting());

        $new = (string) $this->ask('post', "/api$path/renew")
            ->assertOk()
            ->json('path');
        $this->get($path)->assertNotFound();
        $this->get($new)->assertOk();
        $all = $this->get("$new/bookings.ics")->assertOk();
        self::assertStringContainsString('UID:' . Booking::query()->firstOrFail()->uid, (string) $all->getContent());
    }

    public function test_without_scripts_the_times_are_there_and_the_form_books(): void
    {
        $sheet = $this->sheet();
        $this->get("/s/$sheet->slug")
            ->assertOk()
            ->assertSeeText('16:15 to 16:30')
            ->assertSee("/s/$sheet->slug/book?slot=", false);
        $this->get("/s/$sheet->slug/book?slot=" . urlencode(self::EVENING . 'T20:15:00Z'))
            ->assertOk()
            ->assertSee('Thursday 3 December 2026, 16:15 to 16:30');
        $wish = $this->wish($sheet);
        $this->post("/s/$sheet->slug/book", ['name' => ''] + $wish)
            ->assertUnprocessable()
            ->assertSee('Please fill this in.')
            ->assertSee('Kwame Ferreira');
        $this->get(
            (string) $this->post("/s/$sheet->slug/book", $wish)
                ->assertStatus(303)
                ->headers->get('Location'),
        )
            ->assertOk()
            ->assertSee('Booked.');
        $this->post("/s/$sheet->slug/book", $this->otherWish($sheet, '20:15', 'Bao'))
            ->assertConflict()
            ->assertSee('Somebody has just taken 16:15.')
            ->assertSee('Child of Bao');
        self::assertSame(1, Booking::query()->where('state', BookingState::Booked)->count());
    }

    public function test_the_board_a_door_and_everybody_who_offers_it(): void
    {
        $this->sheet();
        $this->sheet($this->host('Iolo Bevan'));
        $this->get('/')->assertOk()->assertSee('Iolo Bevan')->assertSee('Wren Halloran');
        $round = (array) json_decode((string) $this->get('/')->viewData('data'), true)['rounds'][0];
        self::assertSame(
            ['Conferences', 2, true, 'Thursday 3 December 2026'],
            [$round['title'], $round['hosts'], $round['free'], $round['when']],
        );
        $this->get((string) $round['path'])->assertOk()->assertSee('Iolo Bevan');
        $this->get('/d/wren-halloran')->assertOk()->assertSee('Conferences');
        $this->get('/find?about=Conferences&from=' . self::EVENING . '&to=' . self::EVENING)
            ->assertOk()
            ->assertSee('Iolo Bevan');
        $this->get('/find?about=Nothing&from=yesterday&to=2026-13-99')->assertOk()->assertDontSee('Iolo Bevan');
        $framed = $this->get('/s/conferences/frame')->assertOk();
        self::assertStringContainsString(
            'frame-ancestors *',
            (string) $framed->headers->get('Content-Security-Policy'),
        );
    }

    public function test_a_large_school_shows_some_and_finds_anybody(): void
    {
        foreach (range(1, 45) as $n) {
            $this->sheet($this->host(sprintf('Ada Nr%02d', $n)));
        }
        $this->sheet($this->host('Inês Żak'));
        $first = (array) $this->get('/api/doors')->assertOk()->json();
        self::assertSame([46, 30, 'Ada Nr01'], [$first['found'], count($first['shown']), $first['shown'][0]['name']]);
        $after = (array) $this->get('/api/doors?skip=30')->json();
        self::assertSame(['Ada Nr31', 'Inês Żak'], [$after['shown'][0]['name'], end($after['shown'])['name']]);
        self::assertSame(
            ['Inês Żak'],
            array_column((array) $this->get('/api/doors?seek=zak+ines')->json('shown'), 'name'),
        );
        // Without scripts too, and what cannot be understood is as if it were not asked.
        $this->get('/?skip=30')->assertSee('Inês Żak')->assertDontSee('Ada Nr30');
        $this->get('/?seek=nr44')->assertSee('Ada Nr44')->assertDontSee('Ada Nr45');
        $this->get('/api/doors?skip=-1&seek[]=x')->assertOk()->assertJsonPath('found', 46);

        $find = '/api/find?about=Conferences&from=' . self::EVENING . '&to=' . self::EVENING;
        $hosts = fn(string $more): array => array_column(
            (array) $this->get($find . $more)
                ->assertOk()
                ->json('days.0.rows'),
            'host',
        );
        self::assertSame([40, 'Ada Nr01', 'Ada Nr40'], [count($hosts('')), $hosts('')[0], $hosts('')[39]]);
        self::assertSame(['Ada Nr41', 'Ada Nr42', 'Ada Nr43', 'Ada Nr44', 'Ada Nr45', 'Inês Żak'], $hosts('&skip=40'));
        self::assertSame(['Inês Żak'], $hosts('&names=Ines'));
        self::assertSame(46, $this->get($find)->json('found'));
    }

    public function test_an_unchanged_sheet_is_not_sent_again(): void
    {
        $sheet = $this->sheet();
        $etag = (string) $this->getJson("/api/s/$sheet->slug")
            ->assertOk()
            ->headers->get('ETag');
        $this->getJson("/api/s/$sheet->slug", ['If-None-Match' => $etag])->assertStatus(304);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->getJson("/api/s/$sheet->slug", ['If-None-Match' => $etag])
            ->assertOk()
            ->assertJsonPath('free', 3);
    }
}
