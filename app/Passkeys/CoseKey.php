<?php

declare(strict_types=1);

namespace App\Passkeys;

use Firebase\JWT\JWK;
use Firebase\JWT\JWT;

/**
 * A public key as COSE writes it: P-256 for ES256, Ed25519 for EdDSA (RFC 9052, section 7; RFC 9053, sections 2.1, 2.2, 7.1
 * and 7.2), and RSA for RS256 (RFC 8230, section 4; RFC 8812, section 2), which is all that older Windows machines have.
 */
final readonly class CoseKey
{
    /** The algorithms that are asked for, the first of them rather, as COSE numbers them. */
    public const ALGORITHMS = [self::EDDSA, self::ES256, self::RS256];

    public const ES256 = -7;

    public const EDDSA = -8;

    public const RS256 = -257;

    private const COORDINATE = 32;

    /** Bytes of an RSA modulus: 2,048 bits at least (NIST SP 800-131A), 4,096 at most. */
    private const MODULUS = [256, 512];

    /** @param  array<string, string>  $jwk as RFC 7517 and RFC 8037 write it */
    private function __construct(private array $jwk) {}

    /** @throws PasskeyRefused for other kinds, and for points that are not on the curve */
    public static function of(mixed $cose): self
    {
        $said = is_array($cose) ? $cose : [];
        $kind = [$said[1] ?? null, $said[3] ?? null, $said[-1] ?? null];
        $rsa = ($said[1] ?? null) === 3 && ($said[3] ?? null) === self::RS256 && count($said) === 4;
        $jwk = match (true) {
            $rsa => [
                'kty' => 'RSA',
                'alg' => 'RS256',
                'n' => self::modulus($said[-1] ?? null),
                'e' =>
                    ($said[-2] ?? null) === "\1\0\1" ? 'AQAB' : throw PasskeyRefused::because('an exponent of its own'),
            ],
            $kind === [2, self::ES256, 1] && count($said) === 5 => [
                'kty' => 'EC',
                'crv' => 'P-256',
                'alg' => 'ES256',
                'x' => self::coordinate($said[-2] ?? null),
                'y' => self::coordinate($said[-3] ?? null),
            ],
            $kind === [1, self::EDDSA, 6] && count($said) === 4 => [
                'kty' => 'OKP',
                'crv' => 'Ed25519',
                'alg' => 'EdDSA',
                'x' => self::coordinate($said[-2] ?? null),
            ],
            default => throw PasskeyRefused::because('a key of another kind'),
        };
        $key = new self($jwk);
        if ($jwk['alg'] !== 'EdDSA' && openssl_pkey_get_public($key->material()) === false) {
            throw PasskeyRefused::because('a key that is none, as a point off the curve');
        }

        return $key;
    }

    /** @throws \JsonException */
    public static function kept(string $json): self
    {
        /** @var array<string, string> $jwk */
        $jwk = json_decode($json, true, 3, JSON_THROW_ON_ERROR);

        return new self($jwk);
    }

    public function json(): string
    {
        return json_encode($this->jwk, JSON_THROW_ON_ERROR);
    }

    public function algorithm(): int
    {
        return ['ES256' => self::ES256, 'RS256' => self::RS256][$this->jwk['alg']] ?? self::EDDSA;
    }

    /** Whether it signed this: ES256 in DER, RS256 as RFC 8017 has it (WebAuthn Level 2, 6.5.5), EdDSA as in RFC 8032. */
    public function signed(string $what, string $signature): bool
    {
        if ($this->jwk['alg'] !== 'EdDSA') {
            return openssl_verify($what, $signature, $this->material(), OPENSSL_ALGO_SHA256) === 1;
        }

        return strlen($signature) === SODIUM_CRYPTO_SIGN_BYTES &&
            sodium_crypto_sign_verify_detached($signature, $what, $this->point());
    }

    private function material(): \OpenSSLAsymmetricKey|string
    {
        $material = (
            JWK::parseKey($this->jwk) ?? throw PasskeyRefused::because('a key that cannot be read')
        )->getKeyMaterial();

        return is_string($material) || $material instanceof \OpenSSLAsymmetricKey
            ? $material
            : throw PasskeyRefused::because('a key that cannot be read');
    }

    /** @return non-empty-string */
    private function point(): string
    {
        return JWT::urlsafeB64Decode($this->jwk['x']) ?: throw PasskeyRefused::because('a key that cannot be read');
    }

    private static function modulus(mixed $bytes): string
    {
        $right =
            is_string($bytes) &&
            strlen($bytes) >= self::MODULUS[0] &&
            strlen($bytes) <= self::MODULUS[1] &&
            $bytes[0] >= "\x80";

        return $right
            ? JWT::urlsafeB64Encode($bytes)
            : throw PasskeyRefused::because('a modulus too short or too long');
    }

    private static function coordinate(mixed $bytes): string
    {
        return is_string($bytes) && strlen($bytes) === self::COORDINATE
            ? JWT::urlsafeB64Encode($bytes)
            : throw PasskeyRefused::because('a coordinate of another length');
    }
}
