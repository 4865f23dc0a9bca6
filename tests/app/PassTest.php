<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\BringIn;
use App\Directory\Guardian;
use App\Directory\GuardianLine;
use App\Directory\Roll;
use App\Directory\RollPlan;
use App\Framework\RawMail;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\HostRole;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\Waiting;
use App\Sharing\BookingTable;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Recess\Rules\Stated;

/** One pass that never gets lost: what was pressed by mistake is taken back, what was mistyped is mended, and the second guardian is not sent away. */
final class PassTest extends TestCase
{
    use RefreshDatabase;

    private const KEY = '7f3c1f0e-2b1d-4c55-9b6e-0a4f6d3c9a11';

    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'mailroom', 'recess.demo' => true]);
    }

    /** @return list<string> to whom what was sent since the last look */
    private function told(): array
    {
        $this->delivered();
        $told = DB::table('mailroom_messages')
            ->orderBy('recipient')
            ->get()
            ->map(
                static fn(\stdClass $mail): string => strtok($mail->subject, ':') .
                    ' → ' .
                    strtok($mail->recipient, '@'),
            )
            ->all();
        DB::table('mailroom_messages')->delete();
        sort($told);

        return $told;
    }

    private function later(int $seconds): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds($seconds));
    }

    public function test_what_was_pressed_by_mistake_is_taken_back_and_nobody_hears_of_it(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1]));
        $pass = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $id = (int) Booking::query()->min('id');
        $undo = fn() => $this->ask('post', "$pass/bookings/$id/undo");
        $this->told();

        $this->ask('post', "$pass/bookings/$id/give-back")
            ->assertOk()
            ->assertJsonPath('undo', [
                'booking' => $id,
                'what' => 'given back',
                'seconds' => \App\Framework\Undoable::LASTS,
            ]);
        $this->later(\App\Framework\Undoable::LASTS - 1);
        $undo()->assertOk()->assertJsonPath('bookings.0.state', 'booked')->assertJsonPath('undo', null);
        $this->ask('post', "$pass/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertOk();
        $undo()->assertOk()->assertJsonPath('bookings.0.from', '16:15');
        $this->ask('post', "$pass/bookings/$id/guests", ['name' => 'Kofi', 'email' => 'kofi@mail.example'])
            ->assertOk()
            ->assertJsonCount(1, 'bookings.0.guests');
        $undo()->assertOk()->assertJsonCount(0, 'bookings.0.guests');
        self::assertSame([], $this->told());
        $undo()->assertConflict();

        // The guest leaves by mistake, from a pass on which nothing is left then.
        $this->ask('post', "$pass/bookings/$id/guests", ['name' => 'Kofi', 'email' => 'kofi@mail.example'])->assertOk();
        self::assertCount(3, $this->told());
        $guest = '/api/p/' . Guest::query()->whereNull('left_at')->sole()->pass->token();
        $this->ask('post', "$guest/bookings/$id/leave")
            ->assertOk()
            ->assertJsonCount(0, 'bookings')
            ->assertJsonPath('undo.what', 'guest left');
        $this->ask('post', "$guest/bookings/$id/undo")
            ->assertOk()
            ->assertJsonCount(1, 'bookings');
        self::assertSame([], $this->told());

        // Too late, it stays done and all have heard; and where somebody was quicker.
        $this->ask('post', "$pass/bookings/$id/give-back")->assertOk();
        self::assertSame(['Cancelled → ama', 'Cancelled → kofi', 'Cancelled → wren-halloran'], $this->told());
        $undo()
            ->assertConflict()
            ->assertJsonPath('message', 'It is too late to take this back: those whom it concerns have been told.');
        $second = '/api' . $this->book($sheet, $this->wish($sheet, '20:30'))->json('path');
        $this->ask('post', "$second/bookings/" . Booking::query()->max('id') . '/give-back')->assertOk();
        $taken = (int) Booking::query()->max('id');
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Bao'))->assertCreated();
        $this->ask('post', "$second/bookings/$taken/undo")
            ->assertConflict()
            ->assertJsonPath('message', 'This cannot be taken back any more: somebody was quicker. Pick another time.');
        self::assertSame('cancelled', Booking::query()->findOrFail($taken)->state->value);
    }

    public function test_what_can_be_taken_back_is_offered_to_nobody_in_line_yet(): void
    {
        $sheet = $this->sheet(minutes: 60);
        $pass = '/api' . $this->book($sheet, $this->wish($sheet, '20:00'))->json('path');
        $this->ask('post', "/api/s/$sheet->slug/waiting", ['name' => 'Bao', 'email' => 'bao@mail.example'])->assertOk();
        Waiting::query()->update(['confirmed_at' => '2026-11-24 12:00:00']);
        $id = (int) Booking::query()->min('id');
        $this->ask('post', "$pass/bookings/$id/give-back")->assertOk();
        Artisan::call('recess:tidy');
        self::assertNull(Waiting::query()->sole()->offered_start);
        $this->ask('post', "$pass/bookings/$id/undo")
            ->assertOk()
            ->assertJsonPath('bookings.0.state', 'booked');
    }

    public function test_a_guest_may_move_and_give_back_where_whoever_brings_them_lets_them(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 2]));
        $pass = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $id = (int) Booking::query()->min('id');
        foreach ([['Kofi', true], ['Bao', false]] as [$name, $may]) {
            $this->ask('post', "$pass/bookings/$id/guests", [
                'name' => $name,
                'email' => strtolower($name) . '@mail.example',
                'may_change' => $may,
            ])->assertOk();
        }
        [$kofi, $bao] = Guest::query()
            ->orderBy('id')
            ->get()
            ->map(static fn(Guest $one): string => '/api/p/' . $one->pass->token())
            ->all();
        $this->ask('get', $bao)->assertJsonPath('bookings.0.can_move', false);
        $this->ask('post', "$bao/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertNotFound();
        $this->ask('post', "$bao/bookings/$id/undo")->assertNotFound();
        $this->ask('get', $kofi)
            ->assertJsonPath('bookings.0.can_move', true)
            ->assertJsonPath('bookings.0.can_answer', false)
            ->assertJsonPath('bookings.0.answers', []);
        $this->ask('post', "$kofi/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])
            ->assertOk()
            ->assertJsonPath('bookings.0.from', '16:45');
        $this->ask('post', "$kofi/bookings/$id/answers", ['answers' => []])->assertNotFound();
        $this->ask('post', "$kofi/bookings/$id/give-back")->assertOk();
        $this->ask('get', $pass)->assertJsonPath('bookings.0.state', 'cancelled');
    }

    public function test_a_move_keeps_its_host_or_asks_and_the_one_who_loses_it_hears(): void
    {
        $sheet = $this->sheet(
            questions: new Questions([
                new Question('about', QuestionKind::Long, 'What is it about?', '', true, onRunSheet: false),
                new Question('level', QuestionKind::Short, 'Which level?'),
            ]),
        );
        SheetHost::query()->create([
            'sheet_id' => $sheet->id,
            'staff_id' => $this->host('Iolo Bevan')->id,
            'role' => HostRole::Any,
        ]);
        $pass =
            '/api' .
            $this->book(
                $sheet->refresh(),
                $this->wish($sheet, '20:00', [
                    'answers' => ['about' => 'Delicate', 'level' => 'Nine'],
                    'host' => 'wren-halloran',
                ]),
            )
                ->assertCreated()
                ->json('path');
        $this->book(
            $sheet,
            ['host' => 'wren-halloran', 'answers' => ['about' => 'x']] + $this->otherWish($sheet, '20:30', 'Bao'),
        )->assertCreated();
        $id = (int) Booking::query()->min('id');
        $this->told();
        $move = fn(string $time, array $with = []) => $this->ask(
            'post',
            "$pass/bookings/$id/move",
            ['slot' => self::EVENING . "T$time:00Z"] + $with,
        );

        $move('20:45')->assertOk()->assertJsonPath('bookings.0.host.name', 'Wren Halloran');
        self::assertSame(['Moved → ama', 'Moved → wren-halloran'], $this->told());
        $move('20:30')
            ->assertConflict()
            ->assertJsonPath('other_host.name', 'Iolo Bevan')
            ->assertJsonPath(
                'message',
                'At 16:30 it would be with Iolo Bevan. Choose that with one more press, or pick another time.',
            );
        $move('20:30', ['host' => 'iolo-bevan'])
            ->assertOk()
            ->assertJsonPath('bookings.0.host.name', 'Iolo Bevan')
            ->assertJsonPath('bookings.0.answers', ['level' => 'Nine']);
        self::assertSame(['Moved away → wren-halloran', 'Moved → ama', 'Moved → iolo-bevan'], $this->told());
        // Taken back, all is as it was.
        $move('20:00', ['host' => 'wren-halloran'])->assertOk();
        $this->ask('post', "$pass/bookings/$id/undo")
            ->assertOk()
            ->assertJsonPath('bookings.0.host.name', 'Iolo Bevan')
            ->assertJsonPath('bookings.0.from', '16:30');
        self::assertSame([], $this->told());

        // Staff are asked too: nobody is given to somebody else unseen.
        $this->book(
            $sheet,
            ['host' => 'iolo-bevan', 'answers' => ['about' => 'x']] + $this->otherWish($sheet, '20:45', 'Cleo'),
        )->assertCreated();
        $this->actingAs($sheet->host);
        $to = ['slot' => self::EVENING . 'T20:45:00Z'];
        $this->ask('post', "/api/staff/bookings/$id/move", $to)
            ->assertConflict()
            ->assertJsonPath('other_host.slug', 'wren-halloran');
        $this->ask('post', "/api/staff/bookings/$id/move", ['host' => 'nobody'] + $to)->assertUnprocessable();
        self::assertSame('iolo-bevan', Booking::query()->findOrFail($id)->host->slug);
        $this->ask('post', "/api/staff/bookings/$id/move", ['host' => 'wren-halloran'] + $to)->assertOk();
        self::assertSame('wren-halloran', Booking::query()->findOrFail($id)->host->slug);
    }

    public function test_a_name_a_number_and_an_address_are_mended_and_the_address_has_to_answer(): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $this->told();
        $this->withServerVariables(['RECESS_CLOCK' => '12']);
        $this->ask('post', "/api$path/holder", [
            'name' => 'Ama Ötoo',
            'phone' => '902 555 0111',
            'email' => 'new@MAIL.example',
        ])
            ->assertOk()
            ->assertJsonPath('name', 'Ama Ötoo')
            ->assertJsonPath('phone', '+1 902-555-0111')
            ->assertJsonPath('email', 'ama@mail.example')
            ->assertJsonPath('new_email', 'new@mail.example');
        $this->ask('post', "/api$path/holder", ['name' => 'Ama', 'phone' => 'ring me'])
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['phone']);
        self::assertSame(['Is this your e-mail address? → new'], $this->told());

        $pass = Pass::query()->sole();
        $link = (string) parse_url($pass->confirmLink('new@mail.example'), PHP_URL_PATH);
        $this->get($path . '/address/' . str_repeat('x', 43))->assertNotFound();
        $this->get($link)->assertOk()->assertSee('Is new@mail.example your address?');
        self::assertSame('ama@mail.example', $pass->refresh()->email, 'A look changes nothing.');
        $this->post($link)->assertOk()->assertSee('Thank you. Messages go to new@mail.example.');
        self::assertSame(['new@mail.example', null], [$pass->refresh()->email, $pass->new_email]);
        self::assertSame(['Messages about your meetings go to another address → ama'], $this->told());

        // On their own clock, in words and in the entry.
        $this->ask('post', "/api$path/bookings/" . Booking::query()->min('id') . '/move', [
            'slot' => self::EVENING . 'T20:45:00Z',
        ])->assertOk();
        $this->delivered();
        $mails = DB::table('mailroom_messages')
            ->where('subject', 'like', 'Moved%')
            ->pluck('subject', 'recipient')
            ->all();
        self::assertStringContainsString("Thu 3 Dec 4:45\u{A0}pm", $mails['new@mail.example']);
        self::assertStringContainsString('Thu 3 Dec 16:45', $mails['wren-halloran@school.example']);
    }

    public function test_a_misspelt_student_is_mended_but_not_turned_into_somebody_else(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_student' => 1]));
        $path =
            '/api' .
            $this->book(
                $sheet,
                $this->wish($sheet, '20:15', ['answers' => ['student' => 'Kwame Fereira', 'phone' => '902 555 0150']]),
            )->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:45', 'Bao'))->assertCreated();
        $this->told();
        $mend = fn(string $was, string $name) => $this->ask('post', "$path/student", ['was' => $was, 'name' => $name]);
        $mend('kwame fereira', 'Kwame Ferreira')
            ->assertOk()
            ->assertJsonPath('bookings.0.student', 'Kwame Ferreira')
            ->assertJsonPath('students', ['Kwame Ferreira']);
        self::assertSame(['Answers changed → wren-halloran'], $this->told());
        $mend('Kwame Ferreira', 'Child of Bao')->assertConflict();
        self::assertSame('Kwame Ferreira', Booking::query()->orderBy('id')->firstOrFail()->student);
        $mend('Nobody', 'Somebody')
            ->assertOk()
            ->assertJsonPath('students', ['Kwame Ferreira']);
    }

    public function test_the_second_guardian_asks_to_be_brought_and_learns_nothing_by_asking(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_student' => 1, 'guests' => 1]));
        $path = '/api' . $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $this->told();
        $kofi = ['name' => 'Kofi Ferreira', 'email' => 'kofi@mail.example'];
        $this->book($sheet, $kofi + $this->wish($sheet, '20:45'))
            ->assertConflict()
            ->assertJsonPath('ask_to_join', true);
        $ask = fn(string $student) => $this->ask(
            'post',
            "/api/s/$sheet->slug/ask-to-join",
            ['student' => $student] + $kofi,
        )
            ->assertOk()
            ->getContent();
        self::assertSame($ask('Nobody Known'), $ask('kwame FERREIRA'));
        $ask('Kwame Ferreira');
        self::assertSame(['Kofi Ferreira would like to come too → ama'], $this->told(), 'Asked once.');

        $joiner = (int) $this->ask('get', $path)
            ->assertJsonPath('bookings.0.joiners.0.name', 'Kofi Ferreira')
            ->json('bookings.0.joiners.0.id');
        $id = (int) Booking::query()->min('id');
        $this->ask('post', "$path/bookings/$id/joiners", ['joiner' => $joiner, 'bring' => true, 'may_change' => true])
            ->assertOk()
            ->assertJsonPath('bookings.0.guests.0.name', 'Kofi Ferreira')
            ->assertJsonPath('bookings.0.joiners', []);
        self::assertContains('Guest brought → kofi', $this->told());
    }

    public function test_one_child_is_one_however_the_name_is_typed_and_two_of_one_name_are_two(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_student' => 1]));
        $of = fn(string $time, string $who, string $child): array => [
            'answers' => ['student' => $child, 'phone' => '902 555 0150'],
        ] + $this->otherWish($sheet, $time, $who);
        $this->book($sheet, $of('20:00', 'Ama', "Órla O'Sullivan"))->assertCreated();
        foreach (['Órla O’Sullivan', 'ÓRLA  OʼSULLIVAN', "O\u{301}rla O´Sullivan"] as $same) {
            $this->book($sheet, $of('20:15', 'Bao', $same))->assertConflict();
        }
        // An accent is part of a name.
        $this->book($sheet, $of('20:15', 'Bao', "Orla O'Sullivan"))->assertCreated();

        // Two children of one name, both known to the school, are two; and one child is one on whichever page.
        $roll = new Roll('CA', whole: false);
        foreach (['Ines Paz' => 'ines@mail.example', 'Rui Paz' => 'rui@mail.example'] as $guardian => $email) {
            $child = (string) $roll->student("S$guardian", 'Kit Paz', 2);
            $roll->looksAfter(
                (string) $roll->guardian(new GuardianLine(2, $guardian, $email, '902 555 0101', 'en')),
                $child,
            );
        }
        app(BringIn::class)(RollPlan::of($roll, $sheet->host->school), (int) strtotime(self::NOW));
        foreach (['Ines Paz' => '20:30', 'Rui Paz' => '20:45'] as $guardian => $time) {
            $pass = Guardian::query()->where('name', $guardian)->firstOrFail()->pass();
            $this->book($sheet, ['pass' => $pass->token()] + $of($time, 'x', 'Kit Paz'))->assertCreated();
        }
        self::assertSame(2, Booking::query()->where('student', 'Kit Paz')->distinct()->count('student_id'));
    }

    public function test_who_is_of_the_family_hears_what_stands_against_it_and_nobody_else_does(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_student' => 1, 'per_visitor' => 1, 'guests' => 1]));
        $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated();
        $refused = fn(array $more): string => (string) $this->book($sheet, $more + $this->wish($sheet, '20:30'))
            ->assertConflict()
            ->json('message');
        $this->told();
        // Of the address, or about the child: to whoever types, one sentence.
        $child = ['answers' => ['student' => 'Nobody Known', 'phone' => '902 555 0150']];
        $byAddress = $refused($child);
        self::assertSame(
            ['Your bookings → ama'],
            array_map(
                static fn(string $one): string => str_replace('Your bookings', 'Your bookings', $one),
                $this->told(),
            ),
        );
        $byChild = $refused(['name' => 'Mal Ory', 'email' => 'mal@mail.example']);
        self::assertSame($byAddress, $byChild);
        self::assertStringNotContainsString('already', $byAddress);
        self::assertSame([], $this->told(), 'Nothing is booked for that address.');
        $refused($child);
        self::assertSame([], $this->told(), 'One letter an hour.');

        // Another page of theirs, whose address has answered.
        $other = Pass::query()->create([
            'name' => 'Ama Otoo',
            'email' => 'ama@mail.example',
            'phone' => '902 555 0150',
        ]);
        self::assertSame($byAddress, $refused(['pass' => $other->token()] + $child));
        $other->update(['confirmed_at' => self::NOW]);
        self::assertStringContainsString(
            'You have booked here already',
            $refused(['pass' => $other->token()] + $child),
        );
    }

    public function test_each_guardian_has_a_time_of_their_own_where_the_sheet_says_so(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['per_student' => 1, 'each_guardian' => true]));
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $this->book($sheet, $this->wish($sheet, '20:30'))->assertConflict();
        $this->book(
            $sheet,
            ['name' => 'Kofi Ferreira', 'email' => 'kofi@mail.example'] + $this->wish($sheet, '20:45'),
        )->assertCreated();
        $this->book(
            $sheet,
            ['name' => 'Kofi Ferreira', 'email' => 'kofi@mail.example'] + $this->wish($sheet, '20:00'),
        )->assertConflict();
    }

    public function test_where_addresses_have_to_answer_a_time_is_kept_until_they_do(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['email_optional' => true]));
        School::query()->update(['confirm_addresses' => true]);
        $sheet = Sheet::query()->findOrFail($sheet->id);
        $this->book($sheet, ['email' => ''] + $this->wish($sheet))
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['email']);
        $path = (string) $this->book($sheet, $this->wish($sheet, '20:15'))
            ->assertCreated()
            ->assertJsonPath('bookings.0.state', 'kept')
            ->assertJsonPath('bookings.0.confirm_until', 'Tuesday 24 November, 08:30')
            ->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertConflict();
        self::assertSame(['Please confirm → ama'], $this->told(), 'The host hears of it when it stands.');
        $pass = Pass::query()->sole();
        $this->post((string) parse_url($pass->confirmLink('ama@mail.example'), PHP_URL_PATH))->assertOk();
        $this->ask('get', "/api$path")->assertJsonPath('bookings.0.state', 'booked');
        self::assertSame(['Booked → ama', 'Booked → wren-halloran'], $this->told());
        // A wish is a wish once the address has answered; until then nothing else can be done with it, and nobody hears.
        $asked = $this->sheet($this->host('Iolo Bevan'), title: 'Asked', rules: Stated::of(['approve' => true]));
        $kept = (string) $this->book(Sheet::query()->findOrFail($asked->id), $this->otherWish($asked, '20:15', 'Eun'))
            ->assertJsonPath('bookings.0.state', 'kept')
            ->json('path');
        $wish = (int) Booking::query()->max('id');
        $this->told();
        $this->ask('post', "/api$kept/bookings/$wish/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertConflict();
        $this->ask('post', "/api$kept/bookings/$wish/answers", [
            'answers' => ['phone' => '902 555 0150'],
        ])->assertConflict();
        $this->ask('post', "/api$kept/bookings/$wish/give-back")->assertOk();
        $this->ask('post', "/api$kept/bookings/$wish/undo")
            ->assertOk()
            ->assertJsonPath('bookings.0.state', 'kept');
        self::assertSame([], $this->told());
        $this->post(
            (string) parse_url(
                Booking::query()->findOrFail($wish)->pass->confirmLink('eun@mail.example'),
                PHP_URL_PATH,
            ),
        )->assertOk();
        $this->ask('get', "/api$kept")->assertJsonPath('bookings.0.state', 'asked');
        self::assertSame(['Asked → eun', 'Asked → iolo-bevan'], $this->told());
        // Once is enough; and what nobody answers for is free again, without a word to anybody.
        $this->book($sheet, ['pass' => $pass->token()] + $this->wish($sheet, '20:30'))
            ->assertCreated()
            ->assertJsonPath('bookings.1.state', 'booked');
        $this->book($sheet, $this->otherWish($sheet, '20:45', 'Cleo'))
            ->assertCreated()
            ->assertJsonPath('bookings.0.state', 'kept');
        $this->told();
        $this->later(1801);
        Artisan::call('recess:tidy');
        self::assertSame([], $this->told());
        $this->book($sheet, $this->otherWish($sheet, '20:45', 'Davi'))->assertCreated();
    }

    public function test_a_keep_is_made_longer_once_and_a_second_look_makes_it_no_longer(): void
    {
        $sheet = $this->sheet();
        $keep = fn() => $this->ask('post', "/api/s/$sheet->slug/keep", [
            'slot' => self::EVENING . 'T20:15:00Z',
            'keep_key' => self::KEY,
        ])->assertOk();
        $longer = fn() => $this->ask('post', "/api/s/$sheet->slug/keep-longer", ['keep_key' => self::KEY])->assertOk();
        $keep()->assertJsonPath('seconds', 300);
        $this->later(240);
        $keep()->assertJsonPath('seconds', 60);
        $longer()->assertJsonPath('seconds', 360);
        $longer()->assertJsonPath('seconds', null);
        $this->later(361);
        $longer()->assertJsonPath('seconds', null);
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertCreated();
    }

    public function test_in_line_one_is_offered_what_one_has_named_and_nothing_else(): void
    {
        $sheet = $this->sheet(minutes: 60);
        $late = '/api' . $this->book($sheet, $this->wish($sheet, '20:00'))->json('path');
        foreach (['bao' => 'morning', 'cleo' => 'late'] as $who => $part) {
            $this->ask('post', "/api/s/$sheet->slug/waiting", [
                'name' => $who,
                'email' => "$who@mail.example",
                'part' => $part,
            ])->assertOk();
        }
        Waiting::query()->update(['confirmed_at' => '2026-11-24 12:00:00']);
        $this->told();
        $this->ask('post', "$late/bookings/" . Booking::query()->min('id') . '/give-back')->assertOk();
        // 16:00 is late, when school is over.
        self::assertContains('A time is free → cleo', $this->told());
        $bao = Waiting::query()->orderBy('id')->firstOrFail();
        self::assertNull($bao->offered_start);
        $this->post('/w/' . $bao->token() . '/wants', ['part' => 'late', 'place' => 'nowhere'])->assertRedirect();
        self::assertSame(['late', null], [$bao->refresh()->wants()->part, $bao->wants()->place]);
    }

    public function test_a_sheet_of_which_nothing_can_be_had_says_why(): void
    {
        $none = fn(Sheet $sheet, string $pass = ''): array => $this->ask('get', "/api/s/$sheet->slug$pass")->json();
        $full = $this->sheet(minutes: 60);
        $pass = substr((string) $this->book($full, $this->wish($full, '20:00'))->json('path'), 3);
        self::assertSame(['taken', null], [$none($full)['none'], $none($full)['opens']]);
        $later = $this->sheet(
            $this->host('Iolo Bevan'),
            title: 'Later',
            rules: Stated::of(['opens_at' => '2026-11-30 18:00']),
        );
        $said = $none($later);
        self::assertSame(
            ['opens', 'Monday 30 November, 18:00', '16:00'],
            [$said['none'], $said['opens'], $said['opens_first']['from']],
        );
        $once = $this->sheet(
            $this->host('Ffion Pugh'),
            title: 'Once',
            date: '2026-12-04',
            rules: Stated::of(['per_visitor' => 1]),
        );
        $this->book($once, ['pass' => $pass, 'slot' => '2026-12-04T20:00:00Z'] + $this->wish($once))->assertCreated();
        self::assertSame(['enough', null], [$none($once, "?pass=$pass")['none'], $none($once)['none']]);
        $board = (array) json_decode((string) $this->get('/')->assertOk()->viewData('data'), true);
        self::assertSame(
            ['every time is taken', 'free Fri 4 Dec, 16:15', 'opens Monday 30 November, 18:00'],
            array_map(static fn(array $door): string => $door['sheets'][0]['next'], [
                $board['doors']['shown'][2],
                $board['doors']['shown'][0],
                $board['doors']['shown'][1],
            ]),
        );
        CarbonImmutable::setTestNow('2026-12-05T12:00:00Z');
        self::assertSame('over', $none($full)['none']);
        $this->get("/s/$full->slug")->assertSee('No more times are planned here just now');
    }

    public function test_side_by_side_leaves_out_what_clashes_with_a_pass(): void
    {
        $mine = $this->sheet();
        $other = $this->sheet($this->host('Iolo Bevan'));
        $other->places()->update(['label' => 'Room 3']);
        $other->refresh();
        $pass = substr((string) $this->book($mine, $this->wish($mine, '20:15'))->json('path'), 3);
        $states = fn(string $more): array => array_map(
            static fn(array $row): array => array_column($row['stretches'][0]['slots'], 1),
            (array) $this->ask('get', "/api/find?about=Conferences&from=2026-12-03&to=2026-12-03$more")
                ->assertOk()
                ->json('days.0.rows'),
        );
        self::assertSame([['free', 'free', 'free', 'free'], ['free', 'taken', 'free', 'free']], $states(''));
        // Five minutes from room to room: not straight before, and not straight after.
        self::assertSame(['busy', 'busy', 'busy', 'free'], $states("&pass=$pass")[0]);
        self::assertSame($states(''), $states('&pass=nonsense'));
    }

    public function test_without_scripts_the_pass_acts_and_the_line_and_the_search_are_there(): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet, '20:15'))->json('path');
        $id = (int) Booking::query()->min('id');
        $this->get($path)->assertOk()->assertSee('Move it there')->assertSee('Cancel this meeting');
        $this->post("$path/bookings/$id/move", ['slot' => self::EVENING . 'T20:45:00Z'])->assertRedirect($path);
        $this->get($path)->assertSee('16:45 to 17:00')->assertSee('Take that back');
        $this->post("$path/bookings/$id/undo")->assertRedirect($path);
        $this->post("$path/bookings/$id/undo")
            ->assertConflict()
            ->assertSee('It is too late');
        $this->post("$path/bookings/$id/give-back", ['note' => 'Ferry.'])->assertRedirect($path);
        $this->post("/s/$sheet->slug/waiting", ['name' => 'Bao', 'email' => 'bao'])
            ->assertUnprocessable()
            ->assertSee('This does not look like an e-mail address.')
            ->assertSee('Bao');
        $this->post("/s/$sheet->slug/waiting", ['name' => 'Bao', 'email' => 'bao@mail.example'])
            ->assertOk()
            ->assertSee('We have sent you a letter.');
        $this->sheet($this->host('Iolo Bevan'));
        $this->get('/?seek=halloran+conf')->assertSeeInOrder(['<h2>', 'Wren Halloran'], false);
        self::assertStringNotContainsString(
            '<h2><a href="/d/iolo',
            (string) $this->get('/?seek=halloran')->getContent(),
        );
        // From a mail: the form knows the pass and its children.
        $this->get("/s/$sheet->slug/book?pass=" . substr($path, 3))
            ->assertOk()
            ->assertSee('This goes to your bookings')
            ->assertSee('<option value="Kwame Ferreira">', false);
    }

    public function test_a_word_beforehand_reaches_whom_one_meets_and_nobody_else(): void
    {
        $sheet = $this->sheet(tap($this->host())->update(['notify' => 'each']));
        $office = tap($this->host('Olga Pike'))->update(['office' => true]);
        $path = '/api' . $this->book($sheet, $this->wish($sheet))->assertCreated()->json('path');
        $booking = Booking::query()->firstOrFail();
        $this->delivered();
        MailroomMessage::query()->delete();
        $say = fn(string $word) => $this->ask('post', "$path/bookings/$booking->id/answers", [
            'answers' => ['phone' => '902 555 0150', 'to-host' => $word],
        ]);
        $say(str_repeat('long ', 2000))
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['answers.to-host']);
        $word = 'We come with the new glasses, and are 5 minutes late.';
        $say($word)->assertOk()->assertJsonPath('bookings.0.answers.to-host', $word);
        $this->delivered();
        $letter = RawMail::read(
            (string) MailroomMessage::query()->where('recipient', $sheet->host->email)->value('raw'),
        );
        self::assertStringContainsString($word, $letter->part('text/plain'));
        foreach ([[$sheet->host, $word], [$office, null]] as [$reader, $read]) {
            self::assertSame(
                $read,
                BookingTable::answers($sheet, $booking->refresh(), $reader)['A word beforehand'] ?? null,
            );
        }
    }
}
