<?php

declare(strict_types=1);

namespace Tests\App;

use App\AccountLetters\AccountLetter;
use App\Accounts\AccountKey;
use App\Accounts\TriesMail;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Cookie;

/** Who works here: invited, come, gone from the list; and the passwords of their own. */
final class AccountsTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = 'kelp under nine lanterns';

    private StaffMember $office;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
    }

    public function test_somebody_is_invited_comes_once_and_signs_in_with_a_password_of_their_own(): void
    {
        $this->actingAs($this->office);
        // What stands before the @ is its own server’s business.
        $this->invite(['email' => 'LARK@School.example'])->assertCreated();
        $this->invite()
            ->assertCreated()
            ->assertJsonPath('0.state', 'Invited, until Tuesday 1 December, 08:00.')
            ->assertJsonPath('0.came', false);
        $this->invite(['email' => 'lark@SCHOOL.example'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.email.0', 'Somebody with this address is on the list already.');
        $link = $this->link();
        $lark = StaffMember::query()->where('email', 'lark@school.example')->firstOrFail();
        self::assertSame(
            0,
            DB::table('account_keys')->where('token_hash', basename($link))->count(),
            'only the hash is kept',
        );

        Auth::logout();
        // Programs that read mail look at addresses, more than once.
        foreach ([1, 2] as $ignored) {
            $this->get($link)
                ->assertOk()
                ->assertSee('Lark Osei')
                ->assertHeader('Referrer-Policy', 'no-referrer')
                ->assertHeader('Cache-Control', 'no-store, private');
        }
        $this->ask('post', "/api$link", ['password' => 'short'])->assertUnprocessable();
        $this->ask('post', "/api$link", ['password' => self::GOOD])
            ->assertOk()
            ->assertJsonPath('to', '/staff');
        $this->assertAuthenticatedAs($lark);
        self::assertStringStartsWith('$argon2id$', $lark->refresh()->password);
        $this->ask('post', "/api$link", ['password' => self::GOOD . '!'])->assertConflict();
        $this->get($link)->assertGone()->assertSee('opens nothing any more');

        Auth::logout();
        $this->ask('post', '/api/staff/session', [
            'email' => 'lark@school.example',
            'password' => self::GOOD,
        ])->assertOk();
        Mail::assertNotQueued(
            AccountLetter::class,
            fn(AccountLetter $letter): bool => str_contains($letter->render(), 'is another one now'),
        );
    }

    public function test_an_invitation_ends_is_sent_again_and_taken_back(): void
    {
        $this->actingAs($this->office);
        $this->invite()->assertCreated();
        $first = $this->link();
        $lark = StaffMember::query()->where('email', 'lark@school.example')->firstOrFail();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDays(8));
        $this->ask('post', "/api$first", ['password' => self::GOOD])->assertConflict();
        Mail::fake();
        $this->artisan('recess:tidy')->assertOk();
        self::assertSame(0, AccountKey::query()->count());
        $this->actingAs($this->office);
        $this->get('/staff/people')->assertSee('The invitation is over. Send another.');
        $this->ask('post', "/api/staff/people/$lark->id/invitation")->assertOk();
        $this->ask('post', "/api$first", ['password' => self::GOOD])->assertConflict();
        $this->get($this->link())->assertSee('Lark Osei');
        $this->ask('delete', "/api/staff/people/$lark->id/invitation")->assertOk();
        self::assertNull(StaffMember::query()->find($lark->id));
        $this->get($this->link())->assertSee('opens nothing any more');

        // Whoever has come is not set another password by the office, nor taken off the list by it.
        $wren = $this->host();
        foreach (['post', 'delete'] as $verb) {
            $this->ask($verb, "/api/staff/people/$wren->id/invitation")->assertConflict();
        }
    }

    public function test_many_are_invited_out_of_a_table_as_programs_write_them(): void
    {
        $this->actingAs($this->office);
        $send = fn(string $bytes, string $to = ''): TestResponse => $this->post(
            "/api/staff/people/file$to",
            ['file' => UploadedFile::fake()->createWithContent('staff.csv', $bytes)],
            ['Accept' => 'application/json'],
        );
        $table = "Name;E-mail;Subject;Office\r\n\"Osei; Lark\";lark@school.example;\"Biology\nand bees\"\r\n\r\nZoë Grün;zoe@school.example;Müsik;yes\r\nTwice;zoe@school.example;Art;\r\nNo Address;nowhere;Art;\r\nNgozi;{$this->office->email};Office;\r\n=CMD();eve@school.example;Art;";
        $answer = $send($table)->assertOk();
        $answer
            ->assertJsonPath('new', ['Zoë Grün', '=CMD()'])
            ->assertJsonPath('said', '2 are new, one is on the list already, and there is more to look at below.');
        self::assertSame(
            [
                'Line 2: This has to be on one line.',
                'Line 6 has the same address as line 5, which counts.',
                'Line 7: This does not look like an e-mail address.',
            ],
            $answer->json('notes'),
        );
        self::assertSame(1, StaffMember::query()->count(), 'a look saves nothing');

        // The same table as other programs write it.
        foreach (
            ["\u{FEFF}$table", "\xFF\xFE" . mb_convert_encoding($table, 'UTF-16LE'), strtr($table, ';', "\t")]
            as $bytes
        ) {
            self::assertSame('Zoë Grün', $send($bytes)->assertOk()->json('new.0'));
        }
        $windows = $send((string) mb_convert_encoding($table, 'Windows-1252'))->assertOk();
        self::assertSame('Zoë Grün', $windows->json('new.0'));
        self::assertStringContainsString('as Windows writes them', $windows->json('notes.0'));

        $send($table, '/invitations')->assertCreated()->assertJsonPath('said', '2 letters are on the way.');
        $send($table, '/invitations')->assertCreated()->assertJsonPath('said', 'Nobody was new; no letter was sent.');
        Mail::assertQueuedCount(2);
        self::assertTrue(StaffMember::query()->where('email', 'zoe@school.example')->sole()->office);

        // A cell that is empty is a line that is not understood, and nobody without a name or an address.
        self::assertSame(
            [],
            $send("name,email,subject\n,a@b.example,Art\nAda Lo,,Art\n")
                ->assertOk()
                ->assertJsonCount(2, 'notes')
                ->json('new'),
        );
        $send("who,where\nA,b@c.example")->assertConflict();
        $send("name,email,subject\n" . str_repeat("A,a@b.example,C\n", 501))->assertConflict();
        $send('')->assertConflict();
        $this->ask('post', '/api/staff/people/file', ['file' => 'text'])->assertUnprocessable();
    }

    public function test_the_office_is_never_left_empty_and_others_neither_see_nor_change_the_list(): void
    {
        $wren = $this->host();
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/people/{$this->office->id}", ['role' => 'staff'])->assertConflict();
        $this->ask('put', "/api/staff/people/$wren->id", ['role' => 'perhaps'])->assertUnprocessable();
        $this->ask('put', "/api/staff/people/$wren->id", ['role' => 'office'])->assertOk();
        $this->ask('put', "/api/staff/people/{$this->office->id}", ['role' => 'staff'])->assertOk();

        $this->actingAs($this->office->refresh());
        $this->get('/staff/people')->assertForbidden();
        $this->invite()->assertForbidden();
        $this->ask('put', "/api/staff/people/{$this->office->id}", ['role' => 'office'])->assertForbidden();
    }

    public function test_a_forgotten_password_is_answered_alike_for_everybody_and_signs_out_everywhere(): void
    {
        $wren = $this->host();
        $said = [];
        foreach ([$wren->email, 'nobody@school.example'] as $email) {
            $said[] = $this->ask('post', '/api/staff/forgotten', ['email' => $email])
                ->assertStatus(202)
                ->getContent();
        }
        self::assertSame($said[0], $said[1]);
        $this->artisan('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        Mail::assertQueuedCount(1);
        $link = $this->link();

        $this->actingAs($wren)->get('/staff')->assertOk();
        $elsewhere = session()->all();
        Auth::logout();
        $this->ask('post', "/api$link", ['password' => self::GOOD])->assertOk();
        Mail::assertQueued(
            AccountLetter::class,
            fn(AccountLetter $letter): bool => str_contains($letter->render(), 'is another one now'),
        );
        // The session that was open elsewhere comes back with the hash of the password before.
        $this->actingAs($wren->refresh())->withSession($elsewhere)->get('/staff')->assertRedirect('/staff/sign-in');

        foreach ([['email' => ['a@b.example']], ['email' => 7], []] as $wrong) {
            $this->ask('post', '/api/staff/forgotten', $wrong)->assertUnprocessable();
        }
        foreach (range(1, 5) as $ignored) {
            $this->ask('post', '/api/staff/forgotten', ['email' => $wren->email])->assertStatus(202);
        }
        Mail::fake();
        $this->artisan('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        Mail::assertQueuedCount(2);
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addHour());
        self::assertNull(
            AccountKey::open(basename($this->link()), CarbonImmutable::now()->getTimestamp()),
            'an hour, and no more',
        );
    }

    public function test_a_session_ends_after_twelve_hours_unless_one_asked_to_stay_signed_in(): void
    {
        foreach ([[false, 302], [true, 200]] as [$remember, $after]) {
            CarbonImmutable::setTestNow(self::NOW);
            Auth::forgetGuards();
            $this->flushSession();
            $answer = $this->ask('post', '/api/staff/session', [
                'email' => $this->host()->email,
                'password' => 'chalk-and-slate',
                'remember' => $remember,
            ])->assertOk();
            $kept = array_filter(
                $answer->headers->getCookies(),
                static fn(Cookie $cookie): bool => $cookie->getName() === 'recess_device',
            );
            self::assertCount($remember ? 1 : 0, $kept);
            foreach ($kept as $cookie) {
                self::assertSame(30 * 86400, $cookie->getExpiresTime() - CarbonImmutable::now()->getTimestamp());
                $this->withUnencryptedCookie($cookie->getName(), (string) $cookie->getValue());
            }
            $visit = function (int $hours): TestResponse {
                Auth::forgetGuards();
                CarbonImmutable::setTestNow(CarbonImmutable::parse(self::NOW)->addHours($hours));

                return $this->get('/staff');
            };
            $visit(0)->assertOk();
            $visit(11)->assertOk();
            $visit(12)->assertStatus($after);
        }
        self::assertSame(30, config('session.lifetime'));
    }

    public function test_an_empty_server_becomes_a_schools_by_one_address_that_opens_once(): void
    {
        self::assertSame(1, Artisan::call('recess:first-key'), 'whoever has moved in needs none');
        StaffMember::query()->delete();
        DB::table('schools')->delete();
        foreach (
            ['/', '/find', '/api/find', '/api/doors', '/card', '/staff/sign-in', '/staff/forgotten', '/up']
            as $page
        ) {
            $this->assertLessThan(500, $this->get($page)->status(), "$page, before anybody has moved in");
        }
        Artisan::call('recess:first-key');
        $lost = (string) parse_url(trim(Artisan::output()), PHP_URL_PATH);
        Artisan::call('recess:first-key');
        $link = (string) parse_url(trim(Artisan::output()), PHP_URL_PATH);
        $said = [
            'school' => 'Bell Point School',
            'zone' => 'Europe/Lisbon',
            'country' => 'pt',
            'name' => 'Noor Haas',
            'email' => 'noor@bellpoint.example',
            'password' => self::GOOD,
        ];
        $this->get($lost)->assertGone()->assertSee('"open":false', false);
        $this->ask('post', "/api$lost", $said)->assertConflict();
        $this->get($link)
            ->assertOk()
            ->assertSee('"open":true', false)
            ->assertHeader('Cache-Control', 'no-store, private');
        foreach (
            ['zone' => 'Lisbon', 'country' => 'Portugal', 'email' => 'noor', 'password' => 'Bell Point School Noor']
            as $field => $slip
        ) {
            $this->ask('post', "/api$link", [$field => $slip] + $said)
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        self::assertSame(0, DB::table('schools')->count());

        // The mail is tried before anything is decided, and what is wrong with it is said as the server says it.
        $this->app->instance(
            TriesMail::class,
            new class implements TriesMail {
                public function to(string $email): ?string
                {
                    return $email === 'noor@bellpoint.example' ? null : 'Connection refused';
                }
            },
        );
        $this->ask('post', "/api$link/letter", ['email' => 'other@bellpoint.example'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.email.0', 'The mail server did not take it: Connection refused');
        $this->ask('post', "/api$link/letter", ['email' => 'noor@bellpoint.example'])->assertOk();

        $this->ask('post', "/api$link", $said)
            ->assertOk()
            ->assertJsonPath('to', '/staff/people');
        $noor = StaffMember::query()->sole();
        $this->assertAuthenticatedAs($noor);
        self::assertSame(
            [true, 'Bell Point School', 'PT'],
            [$noor->office, $noor->school->name, $noor->school->country],
        );
        Auth::logout();
        $this->ask('post', "/api$link", ['email' => 'eve@bellpoint.example'] + $said)->assertConflict();
        self::assertSame(1, StaffMember::query()->count());

        // When nobody of the office comes in any more, whoever sits at the server lets one in.
        self::assertSame(1, Artisan::call('recess:let-in', ['email' => 'eve@bellpoint.example']));
        self::assertSame(0, Artisan::call('recess:let-in', ['email' => 'noor@bellpoint.example']));
        $this->ask('post', '/api' . parse_url(trim(Artisan::output()), PHP_URL_PATH), [
            'password' => 'seven gulls, one bell',
        ])->assertOk();
    }

    public function test_another_password_asks_for_the_one_before_it(): void
    {
        $this->actingAs($this->host());
        $this->ask('put', '/api/staff/me/password', ['current' => 'not it', 'password' => self::GOOD])
            ->assertUnprocessable()
            ->assertJsonPath('errors.current.0', 'This is not the password you have now.');
        $this->ask('put', '/api/staff/me/password', [
            'current' => 'chalk-and-slate',
            'password' => self::GOOD,
        ])->assertOk();
        $this->get('/staff')->assertOk();
        self::assertTrue(Auth::validate(['email' => $this->host()->email, 'password' => self::GOOD]));
    }

    public function test_a_school_moves_in_on_empty_tables_once(): void
    {
        DB::table('staff')->delete();
        DB::table('schools')->delete();
        $run = fn(array $changes = []): int => Artisan::call(
            'recess:move-in',
            $changes + [
                '--school' => 'Sandbar School',
                '--zone' => 'Pacific/Auckland',
                '--country' => 'nz',
                '--name' => 'Rewi Tan',
                '--email' => 'rewi@sandbar.example',
                '--no-interaction' => true,
            ],
        );
        $this->get('/')->assertOk();
        foreach (
            ['--zone' => 'Middle of nowhere', '--email' => 'rewi', '--country' => 'NZL', '--school' => null]
            as $option => $wrong
        ) {
            self::assertSame(1, $run([$option => $wrong]));
            self::assertStringContainsString($option, Artisan::output());
        }
        self::assertSame(0, $run());
        self::assertSame(0, $run(['--school' => 'Sandbar College']), 'begun again with what was mistyped set right');
        preg_match('#/staff/join/[\w-]{43}#', Artisan::output(), $link);
        $this->ask('post', '/api' . $link[0], ['password' => self::GOOD])->assertOk();
        $this->get('/staff/people')->assertOk()->assertSee('Rewi Tan');
        self::assertSame(
            ['Sandbar College', 'NZ'],
            array_values((array) DB::table('schools')->sole(['name', 'country'])),
        );
        self::assertSame(1, $run(['--email' => 'another@sandbar.example']));
        self::assertStringContainsString('Sandbar College has moved in already', Artisan::output());
    }

    /** @return iterable<string, array{mixed, string}> NIST SP 800-63B, 5.1.1.2: long, anything goes, nothing that others try first */
    public static function passwords(): iterable
    {
        yield 'fourteen' => ['kelp-under-nin', 'At least 15'];
        yield 'fifteen, counted as people do' => ['kelp ünder nïne', ''];
        yield '128, and not cut at 72 bytes' => [str_repeat('kelp under nine lanterns ', 5) . 'abc', ''];
        yield '129' => [str_repeat('kelp under nine lanterns ', 5) . 'abcd', 'At most 128'];
        yield 'one key' => [str_repeat('a', 20), 'first'];
        yield 'a few keys again and again' => ['xyzxyzxyzxyzxyzxyz', 'first'];
        yield 'a row of keys' => ['qwertyuiop1234567890', 'first'];
        yield 'the word itself' => ['Password-Password-1', 'first'];
        yield 'one’s own name and school' => ['wren halloran test point school', 'first'];
        yield 'another script' => ['керамика и девять ламп', ''];
        yield 'a list' => [['a'], 'has to be text'];
    }

    #[DataProvider('passwords')]
    public function test_a_password(mixed $password, string $said): void
    {
        $answer = $this->actingAs($this->host())->ask('put', '/api/staff/me/password', [
            'current' => 'chalk-and-slate',
            'password' => $password,
        ]);
        $said === ''
            ? $answer->assertOk()
            : self::assertStringContainsString(
                $said,
                (string) $answer->assertUnprocessable()->json('errors.password.0'),
            );
    }

    /** @param  array<string, mixed>  $changes */
    private function invite(array $changes = []): TestResponse
    {
        return $this->ask(
            'post',
            '/api/staff/people',
            $changes + [
                'name' => 'Lark Osei',
                'email' => 'lark@school.example',
                'subject' => 'Biology',
                'role' => 'staff',
            ],
        );
    }

    /** The address in the last letter, as its reader has it: without the host. */
    private function link(): string
    {
        $letters = Mail::queued(AccountLetter::class);
        preg_match('#/staff/join/[\w-]{43}#', $letters->last()->render(), $found);

        return $found[0] ?? self::fail('No letter opens an account.');
    }
}
