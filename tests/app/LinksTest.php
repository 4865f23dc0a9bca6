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
use App\Models\Sheet;
use App\Publishing\PublishSheet;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use PHPUnit\Framework\Attributes\DataProvider;

/** How far a link reaches that a letter, a calendar or a card carries: no further than what it is about, and not for ever. */
final class LinksTest extends TestCase
{
    use RefreshDatabase;

    private Sheet $sheet;

    private Sheet $other;

    /** The address of the whole pass, as the page that booked got it. */
    private string $whole;

    protected function setUp(): void
    {
        parent::setUp();
        config(['recess.demo' => true, 'mail.default' => 'mailroom']);
        $this->sheet = $this->sheet();
        $this->other = $this->sheet($this->host('Iolo Bevan'), title: 'Maths');
        $this->whole = (string) $this->book($this->sheet, $this->wish($this->sheet))->assertCreated()->json('path');
        $this->book(
            $this->other,
            $this->wish($this->other, '20:45', [
                'pass' => substr($this->whole, 3),
                'answers' => ['student' => 'Esi Ferreira'],
            ]),
        )->assertCreated();
    }

    private static function booking(Sheet $sheet): Booking
    {
        return Booking::query()->with('sheet.host.school')->where('sheet_id', $sheet->id)->firstOrFail();
    }

    /** @return string the path of an address that reaches so far */
    private function path(?Reach $reach): string
    {
        return '/p/' . Pass::query()->firstOrFail()->within($reach)->token();
    }

    public function test_a_letter_opens_its_own_booking_and_nothing_else_of_the_pass(): void
    {
        $this->delivered();
        $letter = RawMail::read(
            MailroomMessage::query()->where('recipient', 'ama@mail.example')->orderBy('id')->firstOrFail()->raw,
        )->part('text/plain');
        self::assertStringNotContainsString($this->whole, $letter);
        self::assertSame(1, preg_match('#(/p/\S+)#', $letter, $found));
        $link = $found[1];
        [$mine, $else] = [self::booking($this->sheet), self::booking($this->other)];

        $this->ask('get', "/api$link")
            ->assertOk()
            ->assertJsonPath('whole', false)
            ->assertJsonPath('students', ['Kwame Ferreira'])
            ->assertJsonPath('open', [])
            ->assertJsonPath('email', 'a…@mail.example')
            ->assertJsonPath('phone', '… 99')
            ->assertJsonCount(1, 'bookings')
            ->assertJsonPath('bookings.0.id', $mine->id);
        $page = (string) $this->get($link)->assertOk()->getContent();
        foreach ([$this->whole, 'Iolo', 'Esi', '0199', 'ama@'] as $more) {
            self::assertStringNotContainsString($more, $page);
        }
        // Nothing of the other one, and nothing of the whole.
        foreach (['give-back', 'move', 'undo', 'answers', 'guests', 'here', 'word', 'leave'] as $what) {
            $this->ask('post', "/api$link/bookings/$else->id/$what", [
                'slot' => self::EVENING . 'T20:00:00Z',
            ])->assertNotFound();
        }
        $this->get("$link/bookings/$else->id.ics")->assertNotFound();
        foreach (
            [
                ['post', "/api$link/renew"],
                ['post', "/api$link/holder"],
                ['post', "/api$link/student"],
                ['get', "$link/kept"],
                ['get', "$link/kept.json"],
                ['post', "$link/forget"],
            ]
            as [$method, $path]
        ) {
            self::assertSame(404, $this->json($method, $path)->getStatusCode(), $path);
        }
        $this->ask('get', "/api$link?on=/s/{$this->other->slug}")->assertNotFound();
        self::assertStringNotContainsString(
            'Iolo',
            (string) $this->get("$link/bookings.ics")
                ->assertOk()
                ->getContent(),
        );
        // On another sheet it is nobody's: who books there says who they are.
        $this->book(
            $this->other,
            $this->wish($this->other, '20:00', ['pass' => substr($link, 3), 'name' => '', 'email' => '']),
        )
            ->assertUnprocessable()
            ->assertJsonValidationErrors('name');
        // What it is about it does whole: move, and what answers is no more than it was.
        $this->ask('get', "/api$link?on=/s/{$this->sheet->slug}")->assertOk();
        $this->ask('post', "/api$link/bookings/$mine->id/move", ['slot' => self::EVENING . 'T20:30:00Z'])
            ->assertOk()
            ->assertJsonPath('path', $link)
            ->assertJsonCount(1, 'bookings');
        $again = $this->book(
            $this->sheet,
            $this->wish($this->sheet, '20:00', [
                'pass' => substr($link, 3),
                'answers' => ['student' => 'Esi Ferreira'],
            ]),
        );
        self::assertSame(
            [201, $link],
            [$again->getStatusCode(), $again->json('path')],
            'Who books by it gets no more of the pass than it opened.',
        );
        // Another address ends it; so do thirty days.
        CarbonImmutable::setTestNow(CarbonImmutable::parse(self::EVENING)->addDays(30));
        $this->ask('get', "/api$link")->assertOk();
        CarbonImmutable::setTestNow(CarbonImmutable::parse(self::EVENING)->addDays(33));
        $this->ask('get', "/api$link")->assertNotFound();
        CarbonImmutable::setTestNow(self::NOW);
        $this->ask('post', "/api{$this->whole}/renew")->assertOk();
        $this->ask('get', "/api$link")->assertNotFound();
    }

    public function test_all_of_it_opens_once_its_mailbox_has_answered(): void
    {
        $this->delivered();
        MailroomMessage::query()->delete();
        $link = $this->path(Reach::booking(self::booking($this->sheet)));
        $this->post("$link/everything")
            ->assertOk()
            ->assertSee('A letter is on its way')
            ->assertDontSee('ama@mail.example');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        self::assertSame(
            1,
            preg_match('#(/p/\S+)#', RawMail::read(MailroomMessage::query()->sole()->raw)->part('text/plain'), $found),
        );
        // A program that opens links changes nothing, and sees nothing of it.
        $asked = $this->get($found[1])->assertOk()->assertDontSee($this->whole);
        $before = substr($found[1], 0, (int) strpos($found[1], '/address'));
        foreach ([$before, "$before/bookings.ics", "/api$before", "$before/qr.svg"] as $path) {
            self::assertSame(404, $this->get($path)->getStatusCode(), $path);
        }
        self::assertSame(1, preg_match('#action="([^"]+)"#', (string) $asked->getContent(), $press));
        $this->post($press[1])->assertOk()->assertSee($this->whole);
        self::assertNotNull(Pass::query()->firstOrFail()->confirmed_at);
        // It is asked for five times an hour, from wherever.
        foreach (range(2, 5) as $ignored) {
            $this->post("$link/everything")->assertOk();
        }
        $this->post("$link/everything")->assertTooManyRequests();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDays(5));
        $this->get($found[1])->assertNotFound();
    }

    /** @return iterable<string, array{\Closure(string): string}> */
    public static function forgeries(): iterable
    {
        yield 'another booking' => [
            static fn(string $token): string => 'b' .
                base_convert(
                    (string) ((int) base_convert(substr((string) strtok($token, '.'), 1), 36, 10) + 1),
                    10,
                    36,
                ) .
                substr($token, (int) strpos($token, '.')),
        ];
        yield 'another kind' => [static fn(string $token): string => 's' . substr($token, 1)];
        yield 'a later end' => [
            static fn(string $token): string => (string) preg_replace('/^(\w+\.\w+)\.\w+\./', '$1.zzzzzz.', $token),
        ];
        yield 'another pass' => [
            static fn(string $token): string => (string) preg_replace('/^(\w+)\.\w+\./', '$1.zz.', $token),
        ];
        yield 'no seal' => [static fn(string $token): string => substr($token, 0, -43)];
        yield 'numbers that overflow' => [
            static fn(string $token): string => 'bzzzzzzzzzzzzz.zzzzzzzzzzzzz.zzzzzzzz.' . substr($token, -43),
        ];
    }

    /** @param  \Closure(string): string  $forge */
    #[DataProvider('forgeries')]
    public function test_nobody_makes_a_link_reach_further(\Closure $forge): void
    {
        $token = substr($this->path(Reach::booking(self::booking($this->sheet))), 3);
        self::assertNotSame($token, $forge($token));
        $this->get('/p/' . $forge($token))->assertNotFound();
        $this->ask('get', '/api/p/' . rawurlencode($forge($token)))->assertNotFound();
    }

    public function test_a_calendar_that_is_followed_opens_its_file_alone(): void
    {
        $path = (string) $this->ask('get', "/api{$this->whole}")
            ->assertJsonPath('whole', true)
            ->json('calendar_path');
        $file = (string) preg_replace('/\r\n[ \t]/', '', (string) $this->get($path)->assertOk()->getContent());
        self::assertSame(2, substr_count($file, 'BEGIN:VEVENT'));
        self::assertStringNotContainsString($this->whole, $file);
        foreach (['', '/qr.svg', '/kept', '/bookings/' . self::booking($this->sheet)->id . '.ics'] as $more) {
            $status = $this->get(str_replace('/bookings.ics', $more, $path))->getStatusCode();
            self::assertSame(
                $more === '' || str_contains($more, 'qr') || str_contains($more, 'kept') ? 404 : 200,
                $status,
                $more,
            );
        }
        $this->ask('post', '/api' . str_replace('/bookings.ics', '/renew', $path))->assertNotFound();
    }

    public function test_cards_are_of_one_sheet_that_is_published_and_those_of_everybody_are_the_offices(): void
    {
        $school = $this->host()->school;
        $students = [];
        foreach (['Ada Fay' => 'Uma Fay', 'Lo Nox' => 'Ivo Nox'] as $child => $name) {
            $students[$child] = Student::query()->create(['school_id' => $school->id, 'name' => $child]);
            Guardian::query()
                ->create([
                    'school_id' => $school->id,
                    'name' => $name,
                    'email' => strtolower(strtok($name, ' ')) . '@mail.example',
                    'phone' => '+1 902-555-0177',
                ])
                ->students()
                ->attach($students[$child]->id, ['may_book' => true]);
        }
        $office = tap($this->host('Olga Pike'))->update(['office' => true]);
        $draft = tap($this->draft(title: 'Mine'))->update([
            'audience' => 'families',
            'audience_students' => [$students['Ada Fay']->id],
        ]);
        $all = tap($this->sheet(title: 'All'))->update(['audience' => 'families']);
        $cards = fn(Sheet $sheet) => $this->get("/staff/sheets/$sheet->id/files/cards.pdf");
        $this->actingAs($this->host());
        $cards($draft)->assertForbidden();
        $cards($all)->assertForbidden();
        $this->ask('get', "/api/staff/sheets/$all->id/roster")->assertJsonPath('cards', false);
        self::assertSame(0, CardCode::query()->count(), 'Nothing that was refused left a code that opens.');
        $mine = app(PublishSheet::class)($draft->refresh(), CarbonImmutable::now()->getTimestamp());
        $this->ask('get', "/api/staff/sheets/$mine->id/roster")->assertJsonPath('cards', true);
        $cards($mine)->assertOk();
        self::assertSame(1, CardCode::query()->count());
        $this->actingAs($office);
        $cards($all)->assertOk();
        self::assertSame(3, CardCode::query()->count());

        Auth::logout();
        $this->flushSession();
        $uma = Guardian::query()->where('name', 'Uma Fay')->firstOrFail();
        $code = CardCode::of($uma, $mine, Reach::sheet($mine)->ends());
        $in = (string) $this->post('/card', ['code' => $code, 'to' => $all->slug])
            ->assertRedirect()
            ->headers->get('Location');
        self::assertStringContainsString(
            "/s/$mine->slug?pass=",
            $in,
            'It leads to what it is for, wherever it was typed.',
        );
        $token = substr($in, (int) strpos($in, 'pass=') + 5);
        $this->ask('get', "/api/s/$mine->slug?pass=$token")->assertOk();
        $this->ask('get', "/api/s/$all->slug?pass=$token")->assertForbidden();
        $this->ask('get', "/api/p/$token")
            ->assertJsonPath('phone', '… 77')
            ->assertJsonPath('email', 'u…@mail.example')
            ->assertJsonPath('open', []);
        // A card that was lost is closed with one press, and so is the square on it.
        $this->actingAs($office)
            ->ask('post', "/api/staff/directory/students/{$students['Ada Fay']->id}/guardians/$uma->id/code")
            ->assertOk();
        Auth::logout();
        $this->post('/card', ['code' => $code])->assertUnprocessable();
        $this->ask('get', "/api/p/$token")->assertNotFound();
        // And a month after the last date it is over.
        $ivo = CardCode::of(
            Guardian::query()->where('name', 'Ivo Nox')->firstOrFail(),
            $all,
            Reach::sheet($all)->ends(),
        );
        $this->post('/card', ['code' => $ivo])->assertRedirect();
        CarbonImmutable::setTestNow('2027-01-10T12:00:00Z');
        $this->post('/card', ['code' => $ivo])->assertUnprocessable();
    }
}
