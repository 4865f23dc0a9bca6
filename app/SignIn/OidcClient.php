<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Models\MailAddress;
use Firebase\JWT\JWK;
use Firebase\JWT\JWT;
use GuzzleHttp\ClientInterface;
use Illuminate\Support\Facades\Cache;
use League\OAuth2\Client\Provider\GenericProvider;

/**
 * Asks the school's service who somebody is: OpenID Connect Core 1.0 (3.1, authorization code flow) with discovery, PKCE
 * (RFC 7636, S256), state and nonce. What its token says is believed only after its signature, issuer, audience, time and
 * nonce have been checked (3.1.3.7).
 */
final readonly class OidcClient
{
    /** Its keys and addresses are asked for again after so long, or when it signs with one that we do not know. */
    private const HOUR = 3600;

    /** Clocks go a little wrong. */
    private const LEEWAY = 60;

    /** Signed with a key of its own; “none” and what is signed with a shared secret count for nothing. */
    private const ALGORITHMS = ['RS256', 'RS384', 'RS512', 'ES256', 'ES384', 'PS256'];

    public function __construct(private OidcSettings $settings, private ClientInterface $http) {}

    /** @return array{to: string, kept: array{state: string, nonce: string, verifier: string, at: int}} where to send somebody, and what their session keeps meanwhile */
    public function begin(int $now): array
    {
        $provider = $this->provider();
        $nonce = bin2hex(random_bytes(16));
        $to = $provider->getAuthorizationUrl(['scope' => 'openid email profile', 'nonce' => $nonce]);

        return [
            'to' => $to,
            'kept' => [
                'state' => $provider->getState(),
                'nonce' => $nonce,
                'verifier' => (string) $provider->getPkceCode(),
                'at' => $now,
            ],
        ];
    }

    /**
     * Who came back.
     *
     * @return array{email: string, name: string, strong: bool}
     *
     * @throws OidcRefused
     */
    public function finish(string $code, string $verifier, string $nonce): array
    {
        $provider = $this->provider();
        $provider->setPkceCode($verifier);
        try {
            $token = $provider->getAccessToken('authorization_code', ['code' => $code]);
        } catch (\Throwable $failure) {
            throw OidcRefused::because('down', ['service' => $this->settings->name], $failure);
        }
        $given = $token->getValues()['id_token'] ?? null;
        if (!is_string($given)) {
            throw OidcRefused::because('untrusted', ['service' => $this->settings->name]);
        }

        return $this->who($this->claims($given), $nonce);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws OidcRefused
     */
    private function claims(string $token): array
    {
        JWT::$leeway = self::LEEWAY;
        JWT::$timestamp = Clock::now();
        foreach ([false, true] as $anew) {
            try {
                return (array) JWT::decode($token, $this->keys($anew));
            } catch (\UnexpectedValueException | \DomainException | \InvalidArgumentException $failure) {
                // Perhaps it signs with a new key; once more with its keys as they are now, and no further.
                if ($anew || !str_contains($failure->getMessage(), '"kid"')) {
                    throw OidcRefused::because('untrusted', ['service' => $this->settings->name], $failure);
                }
            }
        }
        throw new \LogicException('Two tries, two answers.');
    }

    /**
     * @param  array<string, mixed>  $claims
     * @return array{email: string, name: string, strong: bool}
     */
    private function who(array $claims, string $nonce): array
    {
        $audience = (array) ($claims['aud'] ?? []);
        $trusted =
            ($claims['iss'] ?? null) === $this->issuer() &&
            in_array($this->settings->clientId, $audience, true) &&
            (count($audience) === 1 || ($claims['azp'] ?? null) === $this->settings->clientId) &&
            is_numeric($claims['exp'] ?? null) &&
            is_numeric($claims['iat'] ?? null) &&
            is_string($claims['nonce'] ?? null) &&
            hash_equals($nonce, $claims['nonce']);
        if (!$trusted) {
            throw OidcRefused::because('untrusted', ['service' => $this->settings->name]);
        }
        $email = MailAddress::of($claims['email'] ?? null);
        if ($email === null || ($claims['email_verified'] ?? false) !== true) {
            throw OidcRefused::because('no_address', ['service' => $this->settings->name]);
        }
        $ways = (array) ($claims['amr'] ?? []);

        // RFC 8176, 2: several factors were shown there.
        return [
            'email' => $email,
            'name' => is_string($claims['name'] ?? null) ? trim($claims['name']) : '',
            'strong' => in_array('mfa', $ways, true),
        ];
    }

    private function provider(): GenericProvider
    {
        $known = $this->discovered();

        return new GenericProvider(
            [
                'clientId' => $this->settings->clientId,
                'clientSecret' => $this->settings->clientSecret,
                'redirectUri' => $this->settings->back(),
                'urlAuthorize' => $known['authorization_endpoint'],
                'urlAccessToken' => $known['token_endpoint'],
                'urlResourceOwnerDetails' => '',
                'pkceMethod' => GenericProvider::PKCE_METHOD_S256,
            ],
            ['httpClient' => $this->http],
        );
    }

    private function issuer(): string
    {
        return $this->discovered()['issuer'];
    }

    /** @return array<string, string> */
    private function discovered(): array
    {
        $known = Cache::remember(
            "oidc|{$this->settings->issuer}",
            self::HOUR,
            fn(): array => $this->fetched($this->settings->issuer . '/.well-known/openid-configuration'),
        );
        foreach (['issuer', 'authorization_endpoint', 'token_endpoint', 'jwks_uri'] as $name) {
            if (!is_string($known[$name] ?? null)) {
                Cache::forget("oidc|{$this->settings->issuer}");
                throw OidcRefused::because('down', ['service' => $this->settings->name]);
            }
        }
        // OpenID Connect Discovery 1.0, 4.3: it has to be who it was asked as.
        if (rtrim($known['issuer'], '/') !== $this->settings->issuer) {
            throw OidcRefused::because('untrusted', ['service' => $this->settings->name]);
        }

        return $known;
    }

    /** @return array<string, \Firebase\JWT\Key> */
    private function keys(bool $anew): array
    {
        $name = "oidc keys|{$this->settings->issuer}";
        if ($anew) {
            Cache::forget($name);
        }
        $set = Cache::remember($name, self::HOUR, fn(): array => $this->fetched($this->discovered()['jwks_uri']));
        $set['keys'] = array_values(
            array_filter(
                (array) ($set['keys'] ?? []),
                static fn(mixed $key): bool => is_array($key) &&
                    in_array($key['alg'] ?? 'RS256', self::ALGORITHMS, true),
            ),
        );

        return JWK::parseKeySet($set, 'RS256');
    }

    /** @return array<string, mixed> */
    private function fetched(string $address): array
    {
        try {
            $said = json_decode(
                (string) $this->http
                    ->request('GET', $address, ['headers' => ['Accept' => 'application/json'], 'http_errors' => true])
                    ->getBody(),
                true,
                16,
                JSON_THROW_ON_ERROR,
            );
        } catch (\Throwable $failure) {
            throw OidcRefused::because('down', ['service' => $this->settings->name], $failure);
        }

        return is_array($said) ? $said : [];
    }
}
