<?php

declare(strict_types=1);

namespace Tests\App;

use App\AccountLetters\AccountLetter;
use App\Accounts\AccountKey;
use App\Accounts\KeyPurpose;
use App\Accounts\LookForAccount;
use App\Models\StaffMember;
use App\SignIn\Device;
use App\SignIn\OidcController;
use App\SignIn\SecondFactor;
use App\SignIn\Totp;
use Carbon\CarbonImmutable;
use Demo\StandInProvider;
use Firebase\JWT\JWT;
use GuzzleHttp\Client;
use GuzzleHttp\ClientInterface;
use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Psr7\Response as Answer;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Http\Message\RequestInterface;
use Symfony\Component\Process\Process;

/** The ways in, and what stands in the way of others. */
final class SignInTest extends TestCase
{
    use RefreshDatabase;

    private StaffMember $office;

    /** What the service says of whoever comes back. */
    private \Closure $answer;

    private string $nonce = '';

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
    }

    /** @return iterable<string, array{int, string}> RFC 6238, appendix B, the values of SHA-1 */
    public static function rfc6238(): iterable
    {
        foreach (
            [
                59 => '94287082',
                1111111109 => '07081804',
                1111111111 => '14050471',
                1234567890 => '89005924',
                2000000000 => '69279037',
                20000000000 => '65353130',
            ]
            as $instant => $code
        ) {
            yield "$instant" => [$instant, $code];
        }
    }

    #[DataProvider('rfc6238')]
    public function test_codes_are_those_of_rfc_6238_appendix_b(int $instant, string $code): void
    {
        self::assertSame($code, Totp::code('12345678901234567890', Totp::stepAt($instant), 8));
    }

    public function test_codes_are_those_of_oathtool(): void
    {
        for ($i = 0; $i < 5; $i++) {
            $secret = Totp::secret();
            $oathtool = new Process([
                'oathtool',
                '--totp',
                '--base32',
                '--now',
                gmdate('Y-m-d H:i:s', 1_700_000_000 + $i * 86_413) . ' UTC',
                Totp::base32($secret),
            ]);
            self::assertSame(
                trim($oathtool->mustRun()->getOutput()),
                Totp::code($secret, Totp::stepAt(1_700_000_000 + $i * 86_413)),
            );
        }
    }

    public function test_a_second_factor_is_set_up_asked_for_once_a_code_and_replaced_by_paper(): void
    {
        $this->actingAs($this->office);
        $secret = $this->ask('post', '/api/staff/me/second-factor')->assertOk()->json('secret');
        self::assertIsString($secret);
        $this->ask('put', '/api/staff/me/second-factor', ['code' => '000000'])->assertUnprocessable();
        $codes = $this->ask('put', '/api/staff/me/second-factor', ['code' => $this->code()])
            ->assertOk()
            ->assertJsonPath('account.second_factor', true)
            ->json('codes');
        self::assertCount(10, $codes);
        self::assertStringNotContainsString(
            (string) $this->office->refresh()->totp_secret,
            (string) DB::table('staff')->where('id', $this->office->id)->value('totp_secret'),
            'encrypted at rest',
        );
        self::assertSame(
            0,
            DB::table('recovery_codes')->where('code_hash', str_replace('-', '', $codes[0]))->count(),
            'only hashes are kept',
        );
        Mail::assertQueued(
            AccountLetter::class,
            static fn(AccountLetter $letter): bool => $letter->envelope()->subject === 'A second factor is on',
        );

        // The password alone opens nothing; the code that set it up was used.
        Auth::logout();
        $this->flushSession();
        $this->first()->assertJsonPath('to', '/staff/second-factor');
        $this->assertGuest();
        $this->ask('post', '/api/staff/session/second', ['code' => $this->code()])->assertUnprocessable();
        $this->later(31);
        $this->ask('post', '/api/staff/session/second', ['code' => $this->code()])
            ->assertOk()
            ->assertJsonPath('to', '/staff');
        $this->assertAuthenticatedAs($this->office);
        Auth::logout();

        // The telephone is lost: one of the codes on paper, and it opens once.
        foreach ([200, 422] as $status) {
            $this->flushSession();
            $this->first();
            $this->ask('post', '/api/staff/session/second', ['code' => strtoupper($codes[3])])->assertStatus($status);
            Auth::logout();
        }
        // Whoever did not show the first is asked to.
        $this->flushSession();
        $this->ask('post', '/api/staff/session/second', ['code' => $codes[4]])->assertConflict();
        self::assertSame(9, SecondFactor::left($this->office));
    }

    public function test_guessing_codes_ends_in_a_wait_and_not_for_good(): void
    {
        $this->withSecondFactor();
        $this->first();
        for ($i = 0; $i < 5; $i++) {
            $this->ask('post', '/api/staff/session/second', ['code' => '000000'])->assertUnprocessable();
        }
        $this->ask('post', '/api/staff/session/second', ['code' => $this->code()])
            ->assertUnprocessable()
            ->assertJsonPath('errors.code.0', 'That was tried too often. Wait a minute and try again.');
        $this->later(61);
        $this->ask('post', '/api/staff/session/second', ['code' => $this->code()])->assertOk();
    }

    public function test_the_school_can_require_it_of_its_office(): void
    {
        $this->office->school->update(['office_second_factor' => true]);
        $this->actingAs($this->office->refresh());
        $this->get('/staff/people')->assertRedirect('/staff/account');
        $this->ask('get', '/api/staff/directory')->assertForbidden();
        $this->get('/staff/account')->assertOk();
        $this->ask('post', '/api/staff/me/second-factor')->assertOk();
        $this->ask('put', '/api/staff/me/second-factor', ['code' => $this->code()])->assertOk();
        $this->get('/staff/people')->assertOk();
        $this->actingAs($this->host('Iolo Bevan'))->get('/staff')->assertOk();
    }

    public function test_what_cannot_be_undone_asks_once_more_and_begins_another_session(): void
    {
        $wren = $this->host();
        $this->actingAs($this->office)->withSession(['proved_at' => self::now() - 901]);
        $this->ask('put', "/api/staff/people/$wren->id", ['role' => 'office'])
            ->assertStatus(423)
            ->assertJsonPath('second_factor', false);
        self::assertFalse($wren->refresh()->office);
        $this->ask('post', '/api/staff/session/proof', ['password' => 'something else'])->assertUnprocessable();
        $before = session()->getId();
        $this->ask('post', '/api/staff/session/proof', ['password' => 'chalk-and-slate'])->assertOk();
        self::assertNotSame($before, session()->getId());
        $this->ask('put', "/api/staff/people/$wren->id", ['role' => 'office'])->assertOk();
    }

    public function test_who_stays_signed_in_does_so_on_one_machine_that_has_a_name_and_an_end(): void
    {
        $answer = $this->first(['remember' => true])->assertOk();
        $cookie = $answer->getCookie('recess_device')?->getValue();
        self::assertSame(64, strlen((string) $cookie));
        self::assertSame(0, DB::table('devices')->where('token_hash', $cookie)->count());
        Auth::logout();
        $this->flushSession();
        $this->get('/staff')->assertRedirect('/staff/sign-in');
        $this->withCookie('recess_device', (string) $cookie)->get('/staff')->assertOk();
        // Staying is not showing: before what cannot be undone the password is asked for.
        $this->ask('put', '/api/staff/people/' . $this->host()->id, ['role' => 'office'])->assertStatus(423);

        $device = DB::table('devices')->value('id');
        $this->ask('put', '/api/staff/me/devices', ['device' => $device, 'name' => 'The one at home'])
            ->assertOk()
            ->assertJsonPath('devices.0.name', 'The one at home');
        $this->ask('post', '/api/staff/me/sessions/end', ['device' => $device])
            ->assertOk()
            ->assertJsonPath('devices', []);
        Auth::forgetGuards();
        $this->flushSession();
        $this->withCookie('recess_device', (string) $cookie)->get('/staff')->assertRedirect('/staff/sign-in');
    }

    public function test_a_letter_signs_in_once_where_the_school_allows_it_and_sets_no_password(): void
    {
        $ask = fn() => $this->ask('post', '/api/staff/session/letter', ['email' => $this->office->email])
            ->assertStatus(202)
            ->json('said');
        $same = $this->ask('post', '/api/staff/session/letter', ['email' => 'nobody@mail.example'])
            ->assertStatus(202)
            ->json('said');
        self::assertSame($same, $ask());
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        Mail::assertNothingQueued();

        $this->office->school->update(['mail_sign_in' => true]);
        $ask();
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        $link = '';
        Mail::assertQueued(AccountLetter::class, static function (AccountLetter $letter) use (&$link): bool {
            $link = (string) parse_url($letter->content()->with['letter']->link, PHP_URL_PATH);

            return true;
        });
        self::assertStringStartsWith('/staff/come/', $link);
        $this->get($link)->assertOk()->assertSee($this->office->name);
        $this->assertGuest();
        $this->get(str_replace('/come/', '/join/', $link))->assertSee('opens nothing any more');
        $this->ask('post', "/api$link")
            ->assertOk()
            ->assertJsonPath('to', '/staff');
        $this->assertAuthenticatedAs($this->office);
        $this->ask('post', "/api$link")->assertConflict();
    }

    public function test_the_schools_own_service_signs_in_whom_we_know_by_a_checked_address(): void
    {
        $state = $this->service(static fn(array $claims): array => $claims);
        $this->get("/staff/elsewhere/back?code=x&state=$state")->assertRedirect('/staff');
        $this->assertAuthenticatedAs($this->office);
        Auth::logout();
        // An answer is used once.
        $this->get("/staff/elsewhere/back?code=x&state=$state")
            ->assertOk()
            ->assertSee('begun in another window');
        $this->assertGuest();
    }

    /** @return iterable<string, array{\Closure, string}> what comes back, and what is said of it */
    public static function badAnswers(): iterable
    {
        $with = static fn(array $changes): \Closure => static fn(array $claims): array => $changes + $claims;
        yield 'another nonce' => [$with(['nonce' => 'another']), 'cannot be trusted'];
        yield 'expired' => [
            static fn(array $claims): array => ['exp' => $claims['iat'] - 3600] + $claims,
            'cannot be trusted',
        ];
        yield 'of another issuer' => [$with(['iss' => 'https://elsewhere.example']), 'cannot be trusted'];
        yield 'for somebody else' => [$with(['aud' => 'another-client']), 'cannot be trusted'];
        yield 'for several, and not said for whom' => [
            $with(['aud' => ['recess-demo', 'another-client']]),
            'cannot be trusted',
        ];
        yield 'an address that nobody checked' => [
            $with(['email_verified' => false]),
            'has checked your e-mail address',
        ];
        yield 'somebody whom nobody invited' => [
            $with(['email' => 'new@school.example']),
            'is not on the list of staff',
        ];
        yield 'alg: none' => [
            static fn(array $claims): string => self::part(['alg' => 'none', 'typ' => 'JWT']) .
                '.' .
                self::part($claims) .
                '.',
            'cannot be trusted',
        ];
        yield 'signed with another key' => [
            static function (array $claims): string {
                $other = openssl_pkey_new(['private_key_bits' => 2048]);
                assert($other !== false);
                $kid = json_decode((string) (new StandInProvider())->keys()->getContent(), true)['keys'][0]['kid'];

                return JWT::encode($claims, $other, 'RS256', $kid);
            },
            'cannot be trusted',
        ];
        yield 'signed with our own secret' => [
            static fn(array $claims): string => JWT::encode(
                $claims,
                str_pad(StandInProvider::SECRET, 40, '.'),
                'HS256',
                'x',
            ),
            'cannot be trusted',
        ];
        yield 'nothing' => [static fn(): null => null, 'no answer from'];
    }

    #[DataProvider('badAnswers')]
    public function test_an_answer_that_cannot_be_trusted_signs_nobody_in(\Closure $answer, string $said): void
    {
        $state = $this->service($answer);
        $this->get("/staff/elsewhere/back?code=x&state=$state")
            ->assertOk()
            ->assertSee($said);
        $this->assertGuest();
        self::assertSame(0, StaffMember::query()->where('email', 'new@school.example')->count());
    }

    public function test_another_state_a_new_key_and_an_account_at_first_sight(): void
    {
        $this->service(static fn(array $claims): array => $claims);
        $this->get('/staff/elsewhere/back?code=x&state=another')->assertSee('begun in another window');
        $this->assertGuest();
        Auth::logout();
        $state = $this->service(static fn(array $claims): array => $claims);
        $this->get("/staff/elsewhere/back?code=x&state=$state")->assertRedirect('/staff');
        Auth::logout();
        // The service signs with another key from now on: its keys are asked for once more.
        $state = $this->service(
            static fn(array $claims): array => ['email' => 'new@school.example', 'name' => 'Lark Osei'] + $claims,
        );
        Cache::forget('stand-in key');
        config(['recess.oidc.makes_accounts' => true]);
        $this->get("/staff/elsewhere/back?code=x&state=$state")->assertRedirect('/staff');
        self::assertSame('Lark Osei', StaffMember::query()->where('email', 'new@school.example')->value('name'));
    }

    /**
     * The stand-in behind a wire that the test holds: what it says of somebody goes through the closure.
     *
     * @return string the state with which somebody comes back
     */
    private function service(\Closure $answer): string
    {
        config([
            'recess.oidc' => [
                'issuer' => StandInProvider::issuer(),
                'client_id' => StandInProvider::CLIENT,
                'client_secret' => StandInProvider::SECRET,
                'name' => 'the school’s account',
                'makes_accounts' => false,
            ],
        ]);
        $provider = new StandInProvider();
        $this->answer = $answer;
        $wire = function (RequestInterface $request) use ($provider): \GuzzleHttp\Promise\PromiseInterface {
            $path = $request->getUri()->getPath();
            if (str_ends_with($path, '/token')) {
                $now = self::now();
                $claims = [
                    'iss' => StandInProvider::issuer(),
                    'aud' => StandInProvider::CLIENT,
                    'sub' => 'x',
                    'iat' => $now,
                    'exp' => $now + 300,
                    'nonce' => $this->nonce,
                    'email' => $this->office->email,
                    'email_verified' => true,
                    'name' => 'Ngozi Barre',
                ];
                $said = ($this->answer)($claims);
                if ($said === null) {
                    throw new ConnectException('down', $request);
                }

                return \GuzzleHttp\Promise\Create::promiseFor(
                    new Answer(
                        200,
                        ['Content-Type' => 'application/json'],
                        (string) json_encode([
                            'access_token' => 'x',
                            'id_token' => is_array($said) ? StandInProvider::signed($said) : $said,
                        ]),
                    ),
                );
            }

            return \GuzzleHttp\Promise\Create::promiseFor(
                new Answer(
                    200,
                    [],
                    (string) (str_ends_with($path, '/keys')
                        ? $provider->keys()
                        : $provider->configuration()
                    )->getContent(),
                ),
            );
        };
        $this->app
            ->when(OidcController::class)
            ->needs(ClientInterface::class)
            ->give(static fn(): ClientInterface => new Client(['handler' => $wire]));
        $to = (string) $this->get('/staff/elsewhere')->assertRedirect()->headers->get('Location');
        parse_str((string) parse_url($to, PHP_URL_QUERY), $asked);
        self::assertSame(
            ['S256', 'code', 'openid email profile'],
            [$asked['code_challenge_method'], $asked['response_type'], $asked['scope']],
        );
        $this->nonce = (string) $asked['nonce'];

        return (string) $asked['state'];
    }

    /** @param  array<string, mixed>  $what */
    private static function part(array $what): string
    {
        return rtrim(strtr(base64_encode((string) json_encode($what)), '+/', '-_'), '=');
    }

    private static function now(): int
    {
        return CarbonImmutable::now()->getTimestamp();
    }

    private function later(int $seconds): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds($seconds));
    }

    private function code(): string
    {
        return Totp::code(
            (string) base64_decode((string) $this->office->refresh()->totp_secret, true),
            Totp::stepAt(self::now()),
        );
    }

    private function withSecondFactor(): void
    {
        app(SecondFactor::class)->begin($this->office);
        app(SecondFactor::class)->confirm($this->office, $this->code(), self::now());
        $this->later(31);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function first(array $more = []): \Illuminate\Testing\TestResponse
    {
        return $this->ask(
            'post',
            '/api/staff/session',
            ['email' => $this->office->email, 'password' => 'chalk-and-slate'] + $more,
        );
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> what gives rights to somebody, or takes what protects */
    public static function graveThings(): iterable
    {
        yield 'an office account' => [
            'post',
            '/api/staff/people',
            ['name' => 'New Office', 'email' => 'new@school.example', 'subject' => '', 'role' => 'office'],
        ];
        yield 'a table of accounts' => ['post', '/api/staff/people/file/invitations', []];
        yield 'the school’s settings' => ['put', '/api/staff/school', ['name' => 'Another School']];
        yield 'somebody’s sheets to a colleague' => [
            'put',
            '/api/staff/people/{wren}/lending',
            ['to' => 1, 'until' => '2026-12-24'],
        ];
        yield 'taking them back' => ['delete', '/api/staff/people/{wren}/lending', []];
        yield 'another letter to who is invited' => ['post', '/api/staff/people/{wren}/invitation', []];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('graveThings')]
    public function test_whoever_sits_down_at_an_open_session_gives_nobody_rights(
        string $method,
        string $path,
        array $body,
    ): void {
        $path = str_replace('{wren}', (string) $this->host()->id, $path);
        $this->actingAs($this->office)
            ->withSession(['proved_at' => self::now() - 901])
            ->ask($method, $path, $body)
            ->assertStatus(423);
        self::assertSame(
            0,
            StaffMember::query()->where('email', 'new@school.example')->count() + DB::table('lendings')->count(),
        );
    }

    public function test_a_table_writes_down_whom_it_made_the_office(): void
    {
        $table = UploadedFile::fake()->createWithContent(
            'staff.csv',
            "Name,E-mail,Subject,Role\nNia Sand,nia@school.example,Art,office\nOla Sand,ola@school.example,Art,\n",
        );
        $this->actingAs($this->office)
            ->post('/api/staff/people/file/invitations', ['file' => $table], ['Accept' => 'application/json'])
            ->assertCreated();
        $written = DB::table('activity_log')->where('event', 'invited')->orderBy('id')->pluck('properties')->all();
        self::assertSame(
            [['Nia Sand', 'office'], ['Ola Sand', 'staff']],
            array_map(
                static fn(string $one): array => [json_decode($one, true)['about'], json_decode($one, true)['role']],
                $written,
            ),
        );
        $this->get('/staff/log')->assertOk()->assertSee('Nia Sand as one of the office');
    }

    public function test_the_second_factor_is_switched_off_by_itself_alone_and_ends_all_that_was_let_in_without_it(): void
    {
        $codes = $this->withSecondFactor();
        Device::query()->create([
            'staff_id' => $this->office->id,
            'token_hash' => 'x',
            'name' => 'Old machine',
            'until' => '2027-01-01',
            'seen_at' => self::NOW,
        ]);
        DB::table('sessions')->insert([
            'id' => 'another',
            'user_id' => $this->office->id,
            'payload' => '',
            'last_activity' => 0,
        ]);
        // The password was shown just now; it is not what is asked for.
        $this->actingAs($this->office->refresh());
        foreach (
            ['delete' => '/api/staff/me/second-factor', 'post' => '/api/staff/me/second-factor/codes']
            as $method => $path
        ) {
            $this->ask($method, $path)->assertStatus(423)->assertJsonPath('factor_only', true);
        }
        $this->ask('post', '/api/staff/session/proof', ['password' => 'chalk-and-slate'])->assertOk();
        $this->ask('delete', '/api/staff/me/second-factor')->assertStatus(423);
        $this->later(31);
        $this->ask('post', '/api/staff/session/proof', ['code' => $this->code()])->assertOk();
        $this->ask('delete', '/api/staff/me/second-factor')->assertOk()->assertJsonPath('second_factor', false);
        self::assertSame([0, 0], [Device::query()->count(), DB::table('sessions')->where('id', 'another')->count()]);
    }

    public function test_strangers_who_guess_do_not_shut_the_owner_out_of_where_they_have_been(): void
    {
        $welcome = $this->first()->assertOk();
        $known = $welcome->getCookie('recess_known', false);
        self::assertNotNull($known);
        Auth::logout();
        $guess = fn(string $from) => $this->call(
            'POST',
            '/api/staff/session',
            server: ['REMOTE_ADDR' => $from, 'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            content: json_encode(['email' => $this->office->email, 'password' => 'wrong'], JSON_THROW_ON_ERROR),
        );
        foreach (range(1, 204) as $n) {
            $guess("203.0.113.$n");
        }
        // Elsewhere it waits for an hour; in that browser its owner comes in.
        $this->flushSession();
        $this->first()->assertUnprocessable();
        $this->flushSession();
        $this->withCredentials()
            ->withUnencryptedCookie('recess_known', (string) $known->getValue())
            ->first()
            ->assertOk();
        Auth::logout();
        // It is theirs alone, and guesses there are counted, too.
        $this->host()->update(['email' => 'wren-halloran@school.example']);
        foreach (range(1, 5) as $ignored) {
            $this->ask('post', '/api/staff/session', [
                'email' => $this->office->email,
                'password' => 'wrong',
            ])->assertUnprocessable();
        }
        self::assertStringContainsString(
            'tried too often',
            (string) $this->first()->assertUnprocessable()->json('errors.email.0'),
        );
    }

    public function test_looks_at_letters_shut_nobody_out_and_wrong_keys_do_in_the_end(): void
    {
        $invited = StaffMember::query()->create([
            'school_id' => $this->office->school_id,
            'name' => 'Nia Sand',
            'email' => 'nia@school.example',
            'subject' => '',
            'password' => 'x',
        ]);
        $key = AccountKey::cut($invited, KeyPurpose::Invitation, self::now());
        foreach (range(1, 150) as $ignored) {
            $this->get('/staff/join/' . $key->token())->assertOk();
        }
        foreach (range(1, 120) as $n) {
            $this->get("/staff/join/none-$n")
                ->assertGone()
                ->assertSee('data', false);
        }
        $this->get('/staff/join/' . $key->token())->assertTooManyRequests();
        // Signing in is another matter.
        $this->first()->assertOk();
        $this->later(3601);
        $this->get('/staff/join/' . $key->token())->assertOk();
        // Letters are few to one address, whoever asks, and many from a school’s own network.
        foreach (range(1, 40) as $n) {
            $this->ask('post', '/api/staff/forgotten', ['email' => "somebody$n@school.example"])->assertAccepted();
        }
        foreach (range(1, 10) as $ignored) {
            $this->ask('post', '/api/staff/forgotten', ['email' => 'one@school.example'])->assertAccepted();
        }
        $this->ask('post', '/api/staff/forgotten', ['email' => 'one@school.example'])->assertTooManyRequests();
    }

    public function test_whoever_left_is_written_no_letter_and_spaces_are_part_of_a_password(): void
    {
        $left = tap($this->host('Lark Osei'))->update(['left_at' => self::NOW]);
        (new LookForAccount($left->email))->handle();
        self::assertSame(0, AccountKey::query()->count());
        $wren = $this->host();
        $wren->update(['password' => '  chalk and slate at sea  ']);
        $this->ask('post', '/api/staff/session', [
            'email' => $wren->email,
            'password' => '  chalk and slate at sea  ',
        ])->assertOk();
        $this->ask('put', '/api/staff/me/password', [
            'current' => '  chalk and slate at sea  ',
            'password' => ' gulls over the harbour wall ',
        ])->assertOk();
        Auth::logout();
        $this->flushSession();
        $this->ask('post', '/api/staff/session', [
            'email' => $wren->email,
            'password' => ' gulls over the harbour wall ',
        ])->assertOk();
    }
}
