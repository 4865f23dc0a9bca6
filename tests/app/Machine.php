<?php

declare(strict_types=1);

namespace Tests\App;

use Firebase\JWT\JWT;

/** A machine with passkeys, as WebAuthn Level 2 and CTAP2 describe it: one key, bound to one site. */
final class Machine
{
    public int $counter = 0;

    /** Present, verified; 0x40 goes with a new key. */
    public int $flags = 0x05;

    public string $id;

    /** @var \OpenSSLAsymmetricKey|non-empty-string */
    private readonly \OpenSSLAsymmetricKey|string $key;

    private readonly string $cose;

    public function __construct(public string $site, public string $origin, string $kind = 'ES256')
    {
        $this->id = random_bytes(32);
        if ($kind === 'EdDSA') {
            $pair = sodium_crypto_sign_keypair();
            $this->key = sodium_crypto_sign_secretkey($pair);
            $this->cose = "\xa4\x01\x01\x03\x27\x20\x06\x21\x58\x20" . sodium_crypto_sign_publickey($pair);
        } elseif ($kind === 'RS256') {
            $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_RSA, 'private_key_bits' => 2048]);
            assert($key !== false);
            /** @var array{rsa: array{n: string}} $about */
            $about = openssl_pkey_get_details($key);
            $this->key = $key;
            $this->cose = "\xa4\x01\x03\x03\x39\x01\x00\x20\x59\x01\x00{$about['rsa']['n']}\x21\x43\x01\x00\x01";
        } else {
            $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
            assert($key !== false);
            /** @var array{ec: array{x: string, y: string}} $about */
            $about = openssl_pkey_get_details($key);
            $this->key = $key;
            $this->cose =
                "\xa5\x01\x02\x03\x26\x20\x01\x21\x58\x20" .
                str_pad($about['ec']['x'], 32, "\0", STR_PAD_LEFT) .
                "\x22\x58\x20" .
                str_pad($about['ec']['y'], 32, "\0", STR_PAD_LEFT);
        }
    }

    /**
     * @param  string  $challenge  in base64url
     * @return array{client: string, attestation: string}
     */
    public function makes(string $challenge, string $type = 'webauthn.create'): array
    {
        $data = $this->data(0x40) . str_repeat("\0", 16) . pack('n', strlen($this->id)) . $this->id . $this->cose;

        return [
            'client' => $this->client($type, $challenge),
            'attestation' => JWT::urlsafeB64Encode(
                "\xa3\x63fmt\x64none\x67attStmt\xa0\x68authData\x59" . pack('n', strlen($data)) . $data,
            ),
        ];
    }

    /** @return array{id: string, client: string, data: string, signature: string} */
    public function shows(string $challenge, string $type = 'webauthn.get'): array
    {
        $client = $this->client($type, $challenge);
        $data = $this->data(0);
        $signed = $data . hash('sha256', JWT::urlsafeB64Decode($client), true);
        $signature = '';
        if (is_string($this->key)) {
            $signature = sodium_crypto_sign_detached($signed, $this->key);
        } else {
            openssl_sign($signed, $signature, $this->key, OPENSSL_ALGO_SHA256);
        }

        return [
            'id' => JWT::urlsafeB64Encode($this->id),
            'client' => $client,
            'data' => JWT::urlsafeB64Encode($data),
            'signature' => JWT::urlsafeB64Encode($signature),
        ];
    }

    private function client(string $type, string $challenge): string
    {
        return JWT::urlsafeB64Encode(
            (string) json_encode(
                ['type' => $type, 'challenge' => $challenge, 'origin' => $this->origin, 'crossOrigin' => false],
                JSON_UNESCAPED_SLASHES,
            ),
        );
    }

    private function data(int $with): string
    {
        return hash('sha256', $this->site, true) . chr($this->flags | $with) . pack('N', $this->counter);
    }
}
