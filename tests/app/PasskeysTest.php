<?php

declare(strict_types=1);

namespace Tests\App;

use App\AccountLetters\AccountLetter;
use App\Models\StaffMember;
use App\Passkeys\Assertion;
use App\Passkeys\Cbor;
use App\Passkeys\CoseKey;
use App\Passkeys\Passkey;
use App\Passkeys\PasskeyRefused;
use App\Passkeys\RelyingParty;
use App\SignIn\SecondFactor;
use Carbon\CarbonImmutable;
use Firebase\JWT\JWT;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Signing in with a key that shows itself to this site only. */
final class PasskeysTest extends TestCase
{
    use RefreshDatabase;

    private StaffMember $office;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        config(['app.url' => 'https://school.example']);
        url()->forceRootUrl('https://school.example');
        url()->forceScheme('https');
        $this->office = tap($this->host('Ngozi Barre'))->update([
            'office' => true,
            'password' => Hash::make('kelp under nine lanterns'),
        ]);
    }

    /**
     * “16.1.1 ES256 Credential with No Attestation” of WebAuthn Level 3, whose ceremonies are those of Level 2; Level 2 has no
     * values of its own. Written down from memory: a signature that is right shows that the rest is.
     */
    public function test_the_standards_own_key_is_read_and_its_signature_is_right(): void
    {
        $site = new RelyingParty('example.org', 'https://example.org', verified: false);
        $made = [
            '00c30fb78531c464d2b6771dab8d7b603c01162f2fa486bea70f283ae556e130',
            '7b2274797065223a22776562617574686e2e637265617465222c226368616c6c656e6765223a22414d4d507434557878475453746e63647134313759447742466938767049612d7077386f4f755657345441222c226f726967696e223a2268747470733a2f2f6578616d706c652e6f7267222c2263726f73734f726967696e223a66616c73652c22657874726144617461223a22636c69656e74446174614a534f4e206d617920626520657874656e6465642077697468206164646974696f6e616c206669656c647320696e20746865206675747572652c207375636820617320746869733a20426b5165446a646354427258426941774a544c453551227d',
            'a363666d74646e6f6e656761747453746d74a068617574684461746158a4bfabc37432958b063360d3ad6461c9c4735ae7f8edd46592a5e0f01452b2e4b559000000008446ccb9ab1db374750b2367ff6f3a1f0020f91f391db4c9b2fde0ea70189cba3fb63f579ba6122b33ad94ff3ec330084be4a5010203262001215820afefa16f97ca9b2d23eb86ccb64098d20db90856062eb249c33a9b672f26df61225820930a56b87a2fca66334b03458abf879717c12cc68ed73290af2e2664796b9220',
        ];
        $key = $site->registered(...array_map(hex2bin(...), $made));
        self::assertSame(
            'f91f391db4c9b2fde0ea70189cba3fb63f579ba6122b33ad94ff3ec330084be4',
            bin2hex(JWT::urlsafeB64Decode($key->credential)),
        );

        $shown = array_map(static fn(string $hex): string => (string) hex2bin($hex), [
            '39c0e7521417ba54d43e8dc95174f423dee9bf3cd804ff6d65c857c9abf4d408',
            '7b2274797065223a22776562617574686e2e676574222c226368616c6c656e6765223a224f63446e55685158756c5455506f334a5558543049393770767a7a59425039745a63685879617630314167222c226f726967696e223a2268747470733a2f2f6578616d706c652e6f7267222c2263726f73734f726967696e223a66616c73657d',
            'bfabc37432958b063360d3ad6461c9c4735ae7f8edd46592a5e0f01452b2e4b51900000000',
            '3046022100f50a4e2e4409249c4a853ba361282f09841df4dd4547a13a87780218deffcd380221008480ac0f0b93538174f575bf11a1dd5d78c6e486013f937295ea13653e331e87',
        ]);
        self::assertSame(0, $site->asserted($shown[0], new Assertion($shown[1], $shown[2], $shown[3]), $key->key, 0));

        // Its machine was there, and did not ask who is: for signing in without a password that is not enough.
        $this->expectExceptionMessage('nobody was asked who they are');
        (new RelyingParty('example.org', 'https://example.org'))->asserted(
            $shown[0],
            new Assertion($shown[1], $shown[2], $shown[3]),
            $key->key,
            0,
        );
    }

    /** RFC 8032, section 7.1, TEST 2; from memory, as above. */
    public function test_the_keys_of_rfc_8032_are_those_of_eddsa(): void
    {
        $key = CoseKey::of([
            1 => 1,
            3 => -8,
            -1 => 6,
            -2 => hex2bin('3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c'),
        ]);
        $signature = (string) hex2bin(
            '92a009a9f0d4cab8720e820b5f642540a2b27b5416503f8fb3762223ebdb69da085ac1e43e15996e458f3613d0f11d8c387b2eaeb4302aeeb00d291612bb0c00',
        );
        self::assertTrue($key->signed("\x72", $signature));
        self::assertFalse($key->signed("\x73", $signature));
        self::assertFalse($key->signed("\x72", substr($signature, 1)));
        self::assertEquals($key, CoseKey::kept($key->json()));
    }

    /** RFC 8949, appendix A, what CTAP2 can say; and what it cannot. */
    public function test_cbor_is_read_as_its_rfc_writes_it(): void
    {
        foreach (
            [
                '00' => 0,
                '17' => 23,
                '1818' => 24,
                '1903e8' => 1000,
                '1a000f4240' => 1_000_000,
                '1b000000e8d4a51000' => 1_000_000_000_000,
                '20' => -1,
                '3903e7' => -1000,
                'f4' => false,
                'f5' => true,
                'f6' => null,
                '4401020304' => "\1\2\3\4",
                '6449455446' => 'IETF',
                '62c3bc' => 'ü',
                '80' => [],
                '83010203' => [1, 2, 3],
                '8301820203820405' => [1, [2, 3], [4, 5]],
                'a0' => [],
                'a201020304' => [1 => 2, 3 => 4],
                'a26161016162820203' => ['a' => 1, 'b' => [2, 3]],
            ]
            as $hex => $value
        ) {
            self::assertSame($value, Cbor::only((string) hex2bin((string) $hex)), (string) $hex);
        }
        foreach (
            [
                'f93c00',
                'c074',
                '9fff',
                '5f42010243030405ff',
                '1bffffffffffffffff',
                '8181818181',
                '9b00ffffffffffffff',
                'a2010201',
                'a2010201ff',
                'a2010101',
                'a161311',
                'a1613101',
                '0000',
                '',
                '44010203',
                '1c',
            ]
            as $hex
        ) {
            try {
                Cbor::only((string) hex2bin(strlen($hex) % 2 === 0 ? $hex : "{$hex}0"));
                self::fail("$hex was read.");
            } catch (PasskeyRefused) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        yield 'ES256' => ['ES256'];
        yield 'EdDSA' => ['EdDSA'];
        yield 'RS256' => ['RS256'];
    }

    #[DataProvider('kinds')]
    public function test_one_signs_in_with_it_and_it_counts_as_a_second_factor(string $kind): void
    {
        $this->office->school->update(['office_second_factor' => true]);
        $this->actingAs($this->office->refresh());
        $this->get('/staff/people')->assertRedirect('/staff/account');
        $machine = new Machine('school.example', 'https://school.example', $kind);
        $this->withSession(['proved_at' => 0])
            ->ask('post', '/api/staff/me/passkeys/asked')
            ->assertStatus(423);
        $codes = $this->kept($machine)
            ->assertCreated()
            ->assertJsonPath('account.passkeys.0.name', 'My telephone')
            ->assertJsonPath('account.wanted', false)
            ->json('codes');
        self::assertCount(10, $codes);
        Mail::assertQueued(
            AccountLetter::class,
            static fn(AccountLetter $letter): bool => $letter->envelope()->subject === 'You have a new passkey',
        );
        $this->get('/staff/people')->assertOk();
        $this->kept($machine)
            ->assertUnprocessable()
            ->assertJsonPath('errors.passkey.0', 'This passkey is there already.');

        // The password alone opens nothing; the key opens all, with and without it.
        $this->signedOut();
        $this->ask('post', '/api/staff/session', [
            'email' => $this->office->email,
            'password' => 'kelp under nine lanterns',
        ])->assertJsonPath('to', '/staff/second-factor');
        $this->assertGuest();
        $this->shown($machine)->assertOk()->assertJsonPath('to', '/staff');
        $this->assertAuthenticatedAs($this->office);
        $this->signedOut();
        $this->shown($machine)->assertOk();
        self::assertNotNull(session('factor_at'));
        self::assertStringContainsString(
            'passkey',
            (string) DB::table('activity_log')
                ->where('event', 'came_in')
                ->orWhere('description', 'came_in')
                ->latest('id')
                ->value('properties'),
        );
        // Lost: a code on paper stands in for it.
        $this->signedOut();
        $this->ask('post', '/api/staff/session', [
            'email' => $this->office->email,
            'password' => 'kelp under nine lanterns',
        ]);
        $this->ask('post', '/api/staff/session/second', ['code' => $codes[0]])->assertOk();

        // Removing asks for the factor itself; it opens nothing afterwards, nor do the codes.
        $this->later(901);
        $this->ask('delete', '/api/staff/me/passkeys/' . Passkey::query()->value('id'))
            ->assertStatus(423)
            ->assertJsonPath('factor_only', true)
            ->assertJsonPath('passkey', true);
        $this->ask('post', '/api/staff/session/proof', ['password' => 'kelp under nine lanterns'])->assertOk();
        $this->ask('delete', '/api/staff/me/passkeys/' . Passkey::query()->value('id'))->assertStatus(423);
        $this->ask('post', '/api/staff/session/proof/passkey', $machine->shows($this->challenge()))->assertOk();
        $this->ask('delete', '/api/staff/me/passkeys/' . Passkey::query()->value('id'))
            ->assertOk()
            ->assertJsonPath('passkeys', [])
            ->assertJsonPath('wanted', true);
        self::assertSame(0, SecondFactor::left($this->office));
        $this->signedOut();
        $this->shown($machine)
            ->assertUnprocessable()
            ->assertJsonPath(
                'errors.passkey.0',
                'This passkey opens no account here any more. Sign in with your password, and make another one under “Signing in”.',
            );
    }

    /** @return iterable<string, array{\Closure(Machine, string): array<string, string>}> what is not right with what a machine shows */
    public static function wrong(): iterable
    {
        $with = static fn(string $property, mixed $value): \Closure => static function (
            Machine $machine,
            string $challenge,
        ) use ($property, $value): array {
            $machine->{$property} = $value;

            return $machine->shows($challenge);
        };
        yield 'of another site' => [$with('origin', 'https://schoo1.example')];
        yield 'at another port' => [$with('origin', 'https://school.example:8443')];
        yield 'bound to another name' => [$with('site', 'schoo1.example')];
        yield 'nobody was there' => [$with('flags', 0x04)];
        yield 'nobody was asked who' => [$with('flags', 0x01)];
        yield 'something claimed and not there' => [$with('flags', 0x85)];
        yield 'the counter stood still' => [$with('counter', 7)];
        yield 'another key’s name' => [$with('id', 'another')];
        yield 'another question' => [
            static fn(Machine $machine, string $challenge): array => $machine->shows(
                JWT::urlsafeB64Encode(random_bytes(32)),
            ),
        ];
        yield 'made, not shown' => [
            static fn(Machine $machine, string $challenge): array => $machine->shows($challenge, 'webauthn.create'),
        ];
        yield 'another’s handle' => [
            static fn(Machine $machine, string $challenge): array => [
                'handle' => JWT::urlsafeB64Encode('somebody else'),
            ] + $machine->shows($challenge),
        ];
        yield 'signed otherwise' => [
            static fn(Machine $machine, string $challenge): array => [
                'signature' => JWT::urlsafeB64Encode(str_repeat('x', 70)),
            ] + $machine->shows($challenge),
        ];
        yield 'no data' => [
            static fn(Machine $machine, string $challenge): array => ['data' => 'AAAA'] + $machine->shows($challenge),
        ];
    }

    /** @param  \Closure(Machine, string): array<string, string>  $shows */
    #[DataProvider('wrong')]
    public function test_what_is_not_right_signs_nobody_in(\Closure $shows): void
    {
        $machine = new Machine('school.example', 'https://school.example');
        $machine->counter = 7;
        $this->withKey($machine);
        $machine->counter = 8;
        $this->ask('post', '/api/staff/session/passkey', $shows($machine, $this->challenge()))
            ->assertUnprocessable()
            ->assertJsonStructure(['errors' => ['passkey']]);
        $this->assertGuest();
    }

    public function test_an_answer_counts_once_for_five_minutes_and_only_for_whose_it_is(): void
    {
        $machine = new Machine('school.example', 'https://school.example');
        $this->withKey($machine);
        $answer = $machine->shows($this->challenge());
        $this->ask('post', '/api/staff/session/passkey', $answer)->assertOk();
        $this->signedOut();
        $this->ask('post', '/api/staff/session/passkey', $answer)->assertUnprocessable();
        $late = $machine->shows($this->challenge());
        $this->later(301);
        $this->ask('post', '/api/staff/session/passkey', $late)
            ->assertUnprocessable()
            ->assertJsonPath('errors.passkey.0', 'That took too long. Press again.');

        // Somebody else's key proves nothing of oneself, is not seen and not removed; who left does not come in.
        $other = $this->host('Olu Brandt');
        $this->actingAs($other)->withSession(['proved_at' => CarbonImmutable::now()->getTimestamp()]);
        $this->ask(
            'post',
            '/api/staff/session/proof/passkey',
            $machine->shows($this->challenge()),
        )->assertUnprocessable();
        $this->ask('delete', '/api/staff/me/passkeys/' . Passkey::query()->value('id'))->assertForbidden();
        $this->signedOut();
        $this->office->update(['left_at' => now()]);
        $this->shown($machine)->assertUnprocessable();
        $this->assertGuest();
    }

    public function test_at_an_address_without_a_name_none_is_offered(): void
    {
        config(['app.url' => 'https://192.0.2.7']);
        $this->actingAs($this->office)->get('/staff/account')->assertOk()->assertSee('"passkeys_here":false', false);
        $this->withSession(['proved_at' => CarbonImmutable::now()->getTimestamp()])
            ->ask('post', '/api/staff/me/passkeys/asked')
            ->assertUnprocessable();
    }

    private function withKey(Machine $machine): void
    {
        $this->actingAs($this->office);
        $this->kept($machine)->assertCreated();
        $this->signedOut();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function kept(Machine $machine): TestResponse
    {
        $this->withSession([
            'proved_at' => CarbonImmutable::now()->getTimestamp(),
            'factor_at' => CarbonImmutable::now()->getTimestamp(),
        ]);
        $challenge = $this->ask('post', '/api/staff/me/passkeys/asked')->assertOk()->json('challenge');
        self::assertIsString($challenge);

        return $this->ask('post', '/api/staff/me/passkeys', ['name' => 'My telephone'] + $machine->makes($challenge));
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function shown(Machine $machine): TestResponse
    {
        return $this->ask('post', '/api/staff/session/passkey', $machine->shows($this->challenge()));
    }

    private function challenge(): string
    {
        $challenge = $this->ask('post', '/api/staff/session/passkey/asked')->assertOk()->json('challenge');
        self::assertIsString($challenge);

        return $challenge;
    }

    private function later(int $seconds): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds($seconds));
    }

    private function signedOut(): void
    {
        Auth::logout();
        $this->flushSession();
    }
}
