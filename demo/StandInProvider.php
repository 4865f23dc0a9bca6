<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Models\StaffMember;
use Firebase\JWT\JWT;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;

/**
 * Stands where a school's own sign-in service would (OpenID Connect Core 1.0, 3.1): whoever looks chooses who they are.
 * It exists in the demo and the tests alone.
 */
final class StandInProvider
{
    public const CLIENT = 'recess-demo';

    public const SECRET = 'a secret of the demo';

    public static function issuer(): string
    {
        return url('/stand-in/people');
    }

    public function configuration(): JsonResponse
    {
        $issuer = self::issuer();

        return new JsonResponse([
            'issuer' => $issuer,
            'authorization_endpoint' => "$issuer/choose",
            'token_endpoint' => "$issuer/token",
            'jwks_uri' => "$issuer/keys",
            'response_types_supported' => ['code'],
            'subject_types_supported' => ['public'],
            'id_token_signing_alg_values_supported' => ['RS256'],
            'code_challenge_methods_supported' => ['S256'],
        ]);
    }

    public function choose(Request $request): Response
    {
        abort_unless(
            Asked::word($request, 'client_id') === self::CLIENT &&
                Asked::word($request, 'redirect_uri') === url('/staff/elsewhere/back') &&
                Asked::word($request, 'code_challenge_method') === 'S256',
            400,
        );

        return new Response(
            view('stand-in.choose', [
                'people' => StaffMember::query()->whereNull('left_at')->orderBy('name')->limit(50)->get(),
                'asked' => array_map(static fn(string $name): array => [$name, Asked::word($request, $name)], [
                    'state',
                    'nonce',
                    'code_challenge',
                ]),
            ])->render(),
        );
    }

    public function chosen(Request $request): RedirectResponse
    {
        $code = bin2hex(random_bytes(16));
        Cache::put(
            "stand-in|$code",
            [
                'email' => Asked::word($request, 'email'),
                'nonce' => Asked::word($request, 'nonce'),
                'challenge' => Asked::word($request, 'code_challenge'),
            ],
            60,
        );

        return new RedirectResponse(
            url('/staff/elsewhere/back') .
                '?' .
                http_build_query(
                    ['state' => Asked::word($request, 'state')] +
                        (Asked::word($request, 'email') === '' ? ['error' => 'access_denied'] : ['code' => $code]),
                ),
            303,
        );
    }

    public function token(Request $request): JsonResponse
    {
        $asked = Cache::pull('stand-in|' . Asked::word($request, 'code'));
        $verifier = rtrim(
            strtr(base64_encode(hash('sha256', Asked::word($request, 'code_verifier'), true)), '+/', '-_'),
            '=',
        );
        if (
            !is_array($asked) ||
            Asked::word($request, 'client_secret') !== self::SECRET ||
            !hash_equals($asked['challenge'], $verifier)
        ) {
            return new JsonResponse(['error' => 'invalid_grant'], 400);
        }
        $now = Clock::now();
        $staff = StaffMember::query()->where('email', $asked['email'])->first();

        return new JsonResponse([
            'access_token' => bin2hex(random_bytes(16)),
            'token_type' => 'Bearer',
            'expires_in' => 300,
            'id_token' => self::signed([
                'iss' => self::issuer(),
                'aud' => self::CLIENT,
                'sub' => hash('sha256', $asked['email']),
                'iat' => $now,
                'exp' => $now + 300,
                'nonce' => $asked['nonce'],
                'email' => $asked['email'],
                'email_verified' => true,
                'name' => $staff->name ?? 'Somebody New',
            ]),
        ]);
    }

    public function keys(): JsonResponse
    {
        $public = openssl_pkey_get_details(self::key());
        assert(is_array($public));
        $part = static fn(string $bytes): string => rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');

        return new JsonResponse([
            'keys' => [
                [
                    'kty' => 'RSA',
                    'use' => 'sig',
                    'alg' => 'RS256',
                    'kid' => self::keyId(),
                    'n' => $part($public['rsa']['n']),
                    'e' => $part($public['rsa']['e']),
                ],
            ],
        ]);
    }

    /** @param  array<string, mixed>  $claims */
    public static function signed(array $claims): string
    {
        return JWT::encode($claims, self::key(), 'RS256', self::keyId());
    }

    private static function keyId(): string
    {
        $public = openssl_pkey_get_details(self::key());

        return substr(hash('sha256', is_array($public) ? $public['key'] : ''), 0, 16);
    }

    /** Made when it is first wanted, and thrown away by whoever empties the cache: then it signs with another. */
    private static function key(): \OpenSSLAsymmetricKey
    {
        $pem = Cache::rememberForever('stand-in key', static function (): string {
            $made = openssl_pkey_new(['private_key_bits' => 2048]);
            assert($made !== false);
            openssl_pkey_export($made, $text);

            return $text;
        });
        $key = openssl_pkey_get_private($pem);
        assert($key !== false);

        return $key;
    }
}
