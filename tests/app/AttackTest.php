<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\HostRole;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\Waiting;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** Whoever would read, empty or misuse what is other people's, with nothing but what every visitor has. */
final class AttackTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_pass_goes_to_its_own_address_and_to_no_other_that_looks_like_it(): void
    {
        config(['mail.default' => 'mailroom', 'recess.demo' => true]);
        $sheet = $this->sheet();
        $ours = (string) $this->book($sheet, $this->wish($sheet, '20:00', ['email' => 'ama@mail.example']))
            ->assertCreated()
            ->json('path');
        foreach (
            ['20:15' => 'ama@māil.example', '20:30' => 'amá@mail.example', '20:45' => 'Ama@mail.example']
            as $time => $other
        ) {
            $this->book($sheet, ['email' => $other] + $this->otherWish($sheet, $time, 'Mallory'))->assertCreated();
        }
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        DB::table('mailroom_messages')->delete();
        foreach (
            [
                'ama@MĀIL.example',
                'ama@xn--mil-1oa.example',
                'amá@mail.example',
                'Ama@mail.example',
                'ama@mail.example',
                'AMA@mail.example',
            ]
            as $asked
        ) {
            $this->ask('post', '/api/pass-again', ['email' => $asked])->assertOk();
        }
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        $raw = DB::table('mailroom_messages')->get(['recipient', 'raw']);
        $ourMail = $raw->filter(
            static fn(\stdClass $one): bool => str_contains(
                str_replace(["=\r\n", '=3D'], ['', '='], $one->raw),
                Pass::byToken(substr($ours, 3))?->addressKey('ama@mail.example') ?? 'none',
            ),
        );
        self::assertSame(
            ['ama@mail.example'],
            $ourMail->pluck('recipient')->all(),
            'Asked for six addresses, ours is told once, and alone.',
        );
        self::assertCount(5, $raw, 'And nobody is told of an address at which nothing is booked.');
        self::assertSame(
            ['ama@mail.example', 'ama@xn--mil-1oa.example', 'amá@mail.example', 'Ama@mail.example'],
            Pass::query()->orderBy('id')->pluck('email')->all(),
        );
    }

    /** @return iterable<string, array{mixed, string|null}> what is typed, and how it is kept */
    public static function addresses(): iterable
    {
        yield 'plain' => ['ama.otoo+school@mail.example', 'ama.otoo+school@mail.example'];
        yield 'spaces around' => [' ama@mail.example ', 'ama@mail.example'];
        yield 'large letters in the host name' => ['Ama@MAIL.Example', 'Ama@mail.example'];
        // RFC 3492, 7.1 names this host name's ASCII form among others of the kind; idn_to_ascii writes it.
        yield 'another script' => ['用户@例え.example', '用户@xn--r8jz45g.example'];
        foreach (
            [
                'a comment' => 'ama(mine)@mail.example',
                'quoted' => '"ama otoo"@mail.example',
                'a fold' => "ama@mail\r\n .example",
                'a line more' => "ama@mail.example\r\nBcc: all@mail.example",
                'two' => 'ama@mail.example,bao@mail.example',
                'a name around it' => 'Ama <ama@mail.example>',
                'a number for a host' => 'ama@[127.0.0.1]',
                'no host' => 'ama@localhost',
                'a direction mark' => "ama\u{202E}@mail.example",
                'nothing but one' => "\u{202E}",
                'a NUL' => "ama\0@mail.example",
                'two dots' => 'ama..otoo@mail.example',
                'too long' => str_repeat('a', 65) . '@mail.example',
                'not UTF-8' => "ama\xff@mail.example",
                'a list' => ['ama@mail.example'],
                'a number' => 7,
            ]
            as $name => $typed
        ) {
            yield $name => [$typed, null];
        }
    }

    #[DataProvider('addresses')]
    public function test_an_address_is_kept_in_one_form_or_refused(mixed $typed, ?string $kept): void
    {
        self::assertSame($kept, MailAddress::of($typed));
        self::assertSame($kept, $kept === null ? null : MailAddress::of($kept));
    }

    public function test_nobody_finds_out_when_a_child_is_elsewhere_by_typing_its_name(): void
    {
        $sheet = $this->sheet();
        $other = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan');
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $mine = substr((string) $this->book($other, $this->otherWish($other, '20:45', 'Mallory'))->json('path'), 3);

        $seen = fn(string $student): mixed => $this->ask(
            'get',
            "/api/s/$other->slug?" . http_build_query(['pass' => $mine, 'student' => $student]),
        )->json('days');
        self::assertSame($seen('Nobody'), $seen('Kwame Ferreira'));

        // Tried out: one answer for each way in which something stands against it, with no time but the one that was asked for.
        $about = fn(string $time, array $more): string => (string) $this->book(
            $other,
            $more + $this->wish($other, $time),
        )
            ->assertConflict()
            ->json('message');
        $said = [
            $about('20:15', ['email' => 'mallory@mail.example']),
            $about('20:15', ['pass' => $mine]),
            $about('20:15', ['answers' => ['phone' => '902 555 0150', 'student' => 'Nobody At All']]),
        ];
        self::assertSame(
            [
                'This time cannot be booked as it is filled in. What you typed is kept. If you booked with this address before, a letter with your bookings is on its way to it; or ask the office.',
            ],
            array_values(array_unique($said)),
        );
        self::assertSame(2, Booking::query()->count());
        // Their own pass still tells its holder everything.
        $own = Booking::query()->where('sheet_id', $sheet->id)->firstOrFail()->pass->token();
        $this->book($other, ['pass' => $own] + $this->wish($other, '20:15'))
            ->assertConflict()
            ->assertSee('You are in another meeting around 16:15');
        // A move is decided in the same way, and told as little.
        $theirs = Booking::query()->where('sheet_id', $other->id)->firstOrFail();
        $theirs->update(['student' => 'Kwame Ferreira', 'student_key' => 'kwame ferreira']);
        $this->ask('post', "/api/p/$mine/bookings/$theirs->id/move", ['slot' => self::EVENING . 'T20:15:00Z'])
            ->assertConflict()
            ->assertDontSee('another meeting')
            ->assertSee('cannot be done as it is filled in');
    }

    public function test_made_up_addresses_in_line_take_no_time_from_anybody(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, '20:00'))->assertCreated();
        foreach (range(1, 4) as $number) {
            $this->ask('post', "/api/s/$sheet->slug/waiting", [
                'name' => "Made Up $number",
                'email' => "stranger$number@mail.example",
            ])->assertOk();
        }
        Artisan::call('recess:tidy');
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('free', 3);
        // Not even once they have answered: what is free anyway is everybody's.
        Waiting::query()->update(['confirmed_at' => '2026-11-24 12:00:00']);
        Artisan::call('recess:tidy');
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('free', 3);
        // What was given back is one's for two hours of the day, then another's, and after eight offers in all it is free.
        $booking = Booking::query()->firstOrFail();
        $this->ask('post', '/api/p/' . $booking->pass->token() . "/bookings/$booking->id/give-back")->assertOk();
        $this->delivered();
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('free', 3);
        for ($offer = 1; $offer <= 8; $offer++) {
            CarbonImmutable::setTestNow(CarbonImmutable::parse((string) Waiting::query()->max('offered_until'), 'UTC'));
            Artisan::call('recess:tidy');
        }
        $this->ask('get', "/api/s/$sheet->slug")->assertJsonPath('free', 4);
        self::assertSame(0, Waiting::query()->count());
    }

    public function test_a_line_is_joined_where_there_is_one_and_no_longer_than_it_can_be(): void
    {
        config(['recess.limits.waiting.most' => 1_000, 'recess.limits.waiting-address.most' => 1_000]);
        $join = fn(Sheet $sheet, string $email) => $this->ask('post', "/api/s/$sheet->slug/waiting", [
            'name' => 'Bao',
            'email' => $email,
        ]);
        $join($this->sheet(title: 'None', rules: Stated::of(['waiting' => false])), 'bao@mail.example')
            ->assertConflict()
            ->assertJsonPath(
                'message',
                'Nobody can be put in line here just now. Look in again later, or ring the office.',
            );
        foreach (range(1, 10) as $number) {
            $join($this->sheet($this->host("Host $number"), title: "Line $number"), 'bao@mail.example')->assertOk();
        }
        $join($this->sheet($this->host('One More'), title: 'One more'), 'bao@mail.example')->assertConflict();
        config(['recess.limits.waiting-address.most' => 0]);
        $join(Sheet::query()->where('title', 'Line 1')->firstOrFail(), 'cleo@mail.example')->assertTooManyRequests();
        self::assertSame(10, Waiting::query()->count());
    }

    public function test_one_address_takes_no_more_of_a_sheet_than_a_family_needs(): void
    {
        $sheet = $this->sheet(minutes: 5);
        foreach (range(0, 5) as $number) {
            $this->book(
                $sheet,
                ['email' => 'mallory@mail.example'] +
                    $this->otherWish($sheet, sprintf('20:%02d', $number * 5), "Child $number"),
            )->assertCreated();
        }
        $this->book($sheet, ['email' => 'mallory@mail.example'] + $this->otherWish($sheet, '20:30', 'One More'))
            ->assertConflict()
            ->assertSee('cannot be booked as it is filled in');
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Somebody Else'))->assertCreated();
        // The host may want it otherwise.
        $sheet->update(['rules' => Stated::of(['per_visitor' => null])]);
        $this->book(
            $sheet,
            ['email' => 'mallory@mail.example'] + $this->otherWish($sheet, '20:35', 'One More'),
        )->assertCreated();
    }

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        yield 'an address of the web' => ['Win a prize at https://prize.example'];
        yield 'another' => ['www.prize.example'];
        yield 'an address of mail' => ['write to all@mail.example'];
        yield 'a line more' => ["Ama\nDear parents,"];
        yield 'a direction mark' => ["Ama\u{202E}otoO"];
        yield 'only a direction mark' => ["\u{202E}"];
        yield 'only signs' => ['!!! 1000 !!!'];
    }

    #[DataProvider('names')]
    public function test_a_name_carries_no_message_to_strangers(string $name): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1]));
        $this->book($sheet, ['name' => $name] + $this->wish($sheet))
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['name']);
        $this->book(
            $sheet,
            $this->wish($sheet, '20:15', ['answers' => ['phone' => '902 555 0150', 'student' => $name]]),
        )
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['answers.student']);
        $path =
            '/api' .
            $this->book($sheet, $this->wish($sheet, '20:15', ['name' => 'Ngũgĩ wa Thiong’o-O’Brien Jr.']))
                ->assertCreated()
                ->json('path');
        $this->ask('post', "$path/bookings/" . Booking::query()->max('id') . '/guests', [
            'name' => $name,
            'email' => 'kofi@mail.example',
        ])->assertUnprocessable();
        $this->ask('post', "/api/s/$sheet->slug/waiting", [
            'name' => $name,
            'email' => 'kofi@mail.example',
        ])->assertUnprocessable();
        self::assertSame(0, Waiting::query()->count());
    }

    public function test_who_else_comes_is_told_to_those_who_come_and_to_nobody_else(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['seats' => 3, 'show_who' => true]));
        $passes = [];
        foreach (['20:15' => ['Ama', 'Bao'], '20:30' => ['Cleo']] as $time => $names) {
            foreach ($names as $name) {
                $passes[$name] = (string) $this->book($sheet, $this->otherWish($sheet, $time, $name))
                    ->assertCreated()
                    ->json('path');
            }
        }
        self::assertSame(
            [['Bao'], ['Ama'], []],
            array_map(fn(string $name): mixed => $this->ask('get', '/api' . $passes[$name])->json('bookings.0.also'), [
                'Ama',
                'Bao',
                'Cleo',
            ]),
        );
        $public =
            $this->ask('get', "/api/s/$sheet->slug")->getContent() .
            $this->get("/s/$sheet->slug")->getContent() .
            $this->ask('get', "/api/s/$sheet->slug?pass=" . substr($passes['Cleo'], 3))->getContent();
        self::assertStringNotContainsString('Ama', (string) $public);
        $sheet->update(['rules' => Stated::of(['seats' => 3])]);
        $this->ask('get', '/api' . $passes['Ama'])->assertJsonPath('bookings.0.also', []);
    }

    public function test_what_only_the_one_who_is_met_reads_is_in_nobody_elses_list_or_file(): void
    {
        $sheet = $this->sheet(
            questions: new Questions([
                new Question(
                    'about',
                    QuestionKind::Long,
                    'What is it about?',
                    'Only the one you talk to reads it.',
                    true,
                    onRunSheet: false,
                ),
                new Question('level', QuestionKind::Short, 'Which level?'),
            ]),
        );
        SheetHost::query()->create([
            'sheet_id' => $sheet->id,
            'staff_id' => $this->host('Iolo Bevan')->id,
            'role' => HostRole::Manage,
        ]);
        $this->book(
            $sheet,
            $this->wish($sheet, '20:15', ['answers' => ['about' => 'Something delicate', 'level' => 'Nine']]),
        )->assertCreated();
        $office = $this->host('Office Lead');
        $office->update(['office' => true]);
        foreach (
            [[$this->host(), true], [$this->host('Iolo Bevan'), false], [$office->refresh(), false]]
            as [$reader, $may]
        ) {
            $csv = (string) $this->actingAs($reader)
                ->get("/staff/sheets/$sheet->id/files/bookings.csv")
                ->assertOk()
                ->getContent();
            self::assertSame([$may, true], [str_contains($csv, 'delicate'), str_contains($csv, 'Nine')], $reader->name);
            self::assertStringNotContainsString(
                'delicate',
                (string) $this->ask('get', "/api/staff/sheets/$sheet->id")->getContent(),
            );
        }
    }

    public function test_a_form_is_one_visitors_and_a_key_that_was_used_is_said_in_words(): void
    {
        $sheet = $this->sheet();
        $form = fn(): string => (string) $this->get(
            "/s/$sheet->slug/book?slot=" . urlencode(self::EVENING . 'T20:15:00Z'),
        )
            ->assertOk()
            ->assertHeader('Cache-Control', 'no-store, private')
            ->getContent();
        preg_match_all('/name="request_key" value="([0-9a-f-]{36})"/', $form() . $form(), $keys);
        self::assertCount(2, array_unique($keys[1]));
        $wish = ['request_key' => $keys[1][0]] + $this->wish($sheet);
        $this->post("/s/$sheet->slug/book", $wish)->assertRedirect('/p/' . Booking::query()->sole()->pass->token());
        $this->post("/s/$sheet->slug/book", ['name' => 'Bao Lê'] + $wish)
            ->assertConflict()
            ->assertSee('This form was already sent with other answers')
            ->assertSee('Bao Lê')
            ->assertHeader('Content-Type', 'text/html; charset=UTF-8');
        // The web server keeps none of them either.
        self::assertSame(
            1,
            preg_match(
                '#location ~ (\^/\(\$\S+) \{#',
                (string) file_get_contents(base_path('ops/templates/nginx.conf')),
                $kept,
            ),
        );
        foreach (
            [
                '/' => 1,
                '/find' => 1,
                "/s/$sheet->slug" => 1,
                "/s/$sheet->slug/frame" => 1,
                "/api/s/$sheet->slug" => 1,
                "/s/$sheet->slug/book" => 0,
                '/p/abc' => 0,
                "/api/s/$sheet->slug/keep" => 0,
            ]
            as $path => $is
        ) {
            self::assertSame($is, preg_match("#$kept[1]#", $path), $path);
        }
    }

    public function test_a_household_with_a_network_of_its_own_counts_as_one(): void
    {
        config(['recess.limits.visitor-writes.most' => 2]);
        $sheet = $this->sheet();
        $from = fn(string $ip): int => $this->call(
            'POST',
            "/api/s/$sheet->slug/let-go",
            server: ['REMOTE_ADDR' => $ip, 'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            content: '{"keep_key":"7f3c1f0e-2b1d-4c55-9b6e-0a4f6d3c9a11"}',
        )->getStatusCode();
        self::assertSame(
            [200, 200, 429, 200],
            [
                $from('2001:db8:1:2::1'),
                $from('2001:db8:1:2:ffff::9'),
                $from('2001:db8:1:2:1:2:3:4'),
                $from('2001:db8:1:3::1'),
            ],
        );
    }
}
