<?php

declare(strict_types=1);

namespace App\Passkeys;

use App\Models\StaffMember;
use Firebase\JWT\JWT;
use Illuminate\Http\Request;

/**
 * This site, as it checks what machines with passkeys send: WebAuthn Level 2, sections 7.1 and 7.2, whose steps are numbered
 * below. A key is bound to the site's name, so that no other site can ask for it.
 */
final readonly class RelyingParty
{
    /**
     * @param  string  $id  the host's name
     * @param  string  $origin  as the browser writes it: scheme, host, port
     * @param  bool  $verified  whether the machine has to have asked who is there (a PIN, a finger), as signing in without a password needs
     */
    public function __construct(public string $id, public string $origin, private bool $verified = true) {}

    /** Where passkeys can be: at a name, over TLS or on the machine itself. A number is no name, and no browser makes a key for one. */
    public static function here(Request $request): ?self
    {
        $url = parse_url((string) config('app.url'));
        $host = (string) ($url['host'] ?? '');
        $asked = $request->getHost();
        $port = isset($url['port']) ? ":{$url['port']}" : '';
        // On one's own machine the address is a number, and its name is localhost.
        if (str_starts_with($host, '127.') && $asked === 'localhost') {
            return new self($asked, "http://localhost$port");
        }

        return ($url['scheme'] ?? '') === 'https' && filter_var($host, FILTER_VALIDATE_IP) === false && $asked === $host
            ? new self($host, "https://$host$port")
            : null;
    }

    /** Whether somebody has a passkey, and can show it at this address. */
    public static function canAsk(Request $request, StaffMember $staff): bool
    {
        return self::here($request) !== null && Passkey::of($staff)->exists();
    }

    /**
     * A key that a machine has made (section 7.1).
     *
     * @param  string  $challenge  that it was asked with, as bytes
     * @param  string  $client  what the browser says, JSON
     * @param  string  $attestation  what the machine says, CBOR
     *
     * @throws PasskeyRefused
     */
    public function registered(string $challenge, string $client, string $attestation): NewKey
    {
        $this->client($client, 'webauthn.create', $challenge); // 5 to 11
        $said = Cbor::only($attestation); // 12
        if (!is_array($said) || !is_string($said['authData'] ?? null)) {
            throw PasskeyRefused::because('no data of the machine');
        }
        $data = $this->machine($said['authData']); // 13 to 15
        if ($data->credential === null || $data->key === null) {
            // 16
            throw PasskeyRefused::because('no key');
        }
        $this->statement(
            $said['fmt'] ?? null,
            $said['attStmt'] ?? null,
            $said['authData'] . hash('sha256', $client, true),
            $data->key,
        ); // 18, 19

        return new NewKey(JWT::urlsafeB64Encode($data->credential), $data->key, $data->counter);
    }

    /**
     * Somebody's key has signed (section 7.2).
     *
     * @param  int  $counter  as kept
     * @return int  the counter as it is now
     *
     * @throws PasskeyRefused
     */
    public function asserted(string $challenge, Assertion $shown, CoseKey $key, int $counter): int
    {
        $this->client($shown->client, 'webauthn.get', $challenge); // 9 to 14
        $machine = $this->machine($shown->data); // 15 to 17
        if (!$key->signed($shown->data . hash('sha256', $shown->client, true), $shown->signature)) {
            // 19, 20
            throw PasskeyRefused::because('the signature is not of this key');
        }
        if (($machine->counter > 0 || $counter > 0) && $machine->counter <= $counter) {
            // 21
            throw PasskeyRefused::because('the counter went back: there may be a copy of this key');
        }

        return $machine->counter;
    }

    private function client(string $json, string $type, string $challenge): void
    {
        $said = json_decode($json, true, 8);
        if (!is_array($said) || ($said['type'] ?? null) !== $type) {
            throw PasskeyRefused::because('another kind of answer');
        }
        if (
            !is_string($said['challenge'] ?? null) ||
            !hash_equals(JWT::urlsafeB64Encode($challenge), $said['challenge'])
        ) {
            throw PasskeyRefused::because('an answer to another question');
        }
        if (($said['origin'] ?? null) !== $this->origin || ($said['crossOrigin'] ?? false) !== false) {
            throw PasskeyRefused::because('from another site, or within one');
        }
    }

    private function machine(string $bytes): AuthenticatorData
    {
        $data = AuthenticatorData::read($bytes);
        if (!hash_equals(hash('sha256', $this->id, true), $data->site)) {
            throw PasskeyRefused::because('for another site');
        }
        if (!$data->present || ($this->verified && !$data->verified)) {
            throw PasskeyRefused::because('nobody was asked who they are');
        }

        return $data;
    }

    /** We ask for none; a machine may send one by its own key all the same (section 8.7, and 8.2 without certificates). */
    private function statement(mixed $format, mixed $statement, string $signed, CoseKey $key): void
    {
        $right = match (true) {
            $format === 'none' => $statement === [],
            $format === 'packed' && is_array($statement) && !isset($statement['x5c']) => ($statement['alg'] ?? null) ===
                $key->algorithm() &&
                is_string($statement['sig'] ?? null) &&
                $key->signed($signed, $statement['sig']),
            default => false,
        };
        if (!$right) {
            throw PasskeyRefused::because('a statement that was not asked for, or is not right');
        }
    }
}
