<?php

declare(strict_types=1);

namespace App\Passkeys;

use Firebase\JWT\JWK;
use Firebase\JWT\JWT;

/** A public key as COSE writes it (RFC 9052, section 7; RFC 9053, sections 2.1, 2.2, 7.1 and 7.2): P-256 for ES256, Ed25519 for EdDSA. */
final readonly class CoseKey
{
    /** The algorithms that are asked for, the first of them rather, as COSE numbers them. */
    public const ALGORITHMS = [self::EDDSA, self::ES256];

    public const ES256 = -7;

    public const EDDSA = -8;

    private const COORDINATE = 32;

    /** @param  array{kty: string, crv: string, alg: string, x: string, y?: string}  $jwk as RFC 7517 and RFC 8037 write it */
    private function __construct(private array $jwk)
    {
    }

    /** @throws PasskeyRefused for other kinds, and for points that are not on the curve */
    public static function of(mixed $cose): self
    {
        $said = is_array($cose) ? $cose : [];
        $kind = [$said[1] ?? null, $said[3] ?? null, $said[-1] ?? null];
        $jwk = match (true) {
            $kind === [2, self::ES256, 1] && count($said) === 5 => ['kty' => 'EC', 'crv' => 'P-256', 'alg' => 'ES256', 'x' => self::coordinate($said[-2] ?? null), 'y' => self::coordinate($said[-3] ?? null)],
            $kind === [1, self::EDDSA, 6] && count($said) === 4 => ['kty' => 'OKP', 'crv' => 'Ed25519', 'alg' => 'EdDSA', 'x' => self::coordinate($said[-2] ?? null)],
            default => throw PasskeyRefused::because('a key of another kind'),
        };
        $key = new self($jwk);
        if ($jwk['alg'] === 'ES256' && openssl_pkey_get_public($key->material()) === false) {
            throw PasskeyRefused::because('a point that is not on the curve');
        }

        return $key;
    }

    /** @throws \JsonException */
    public static function kept(string $json): self
    {
        /** @var array{kty: string, crv: string, alg: string, x: string, y?: string} $jwk */
        $jwk = json_decode($json, true, 3, JSON_THROW_ON_ERROR);

        return new self($jwk);
    }

    public function json(): string
    {
        return json_encode($this->jwk, JSON_THROW_ON_ERROR);
    }

    public function algorithm(): int
    {
        return $this->jwk['alg'] === 'ES256' ? self::ES256 : self::EDDSA;
    }

    /** Whether it signed this: ES256 in DER (WebAuthn Level 2, 6.5.5), EdDSA as RFC 8032 writes it. */
    public function signed(string $what, string $signature): bool
    {
        if ($this->jwk['alg'] === 'ES256') {
            return openssl_verify($what, $signature, $this->material(), OPENSSL_ALGO_SHA256) === 1;
        }

        return strlen($signature) === SODIUM_CRYPTO_SIGN_BYTES && sodium_crypto_sign_verify_detached($signature, $what, $this->point());
    }

    private function material(): string
    {
        $material = (JWK::parseKey($this->jwk) ?? throw PasskeyRefused::because('a key that cannot be read'))->getKeyMaterial();

        return is_string($material) ? $material : throw PasskeyRefused::because('a key that cannot be read');
    }

    /** @return non-empty-string */
    private function point(): string
    {
        return JWT::urlsafeB64Decode($this->jwk['x']) ?: throw PasskeyRefused::because('a key that cannot be read');
    }

    private static function coordinate(mixed $bytes): string
    {
        return is_string($bytes) && strlen($bytes) === self::COORDINATE ? JWT::urlsafeB64Encode($bytes) : throw PasskeyRefused::because('a coordinate of another length');
    }
}
