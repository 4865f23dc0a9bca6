<?php

declare(strict_types=1);

namespace App\Passkeys;

/** What a machine says of itself and of a key when it signs (WebAuthn Level 2, section 6.1). */
final readonly class AuthenticatorData
{
    private const PRESENT = 1;

    private const VERIFIED = 4;

    private const HAS_CREDENTIAL = 64;

    private const HAS_EXTENSIONS = 128;

    /** Bytes of a credential's name at most (7.1, step 22 of Level 3; 4, “Credential ID”). */
    private const NAME = 1023;

    private function __construct(
        public string $site,
        public bool $present,
        public bool $verified,
        public int $counter,
        public ?string $credential,
        public ?CoseKey $key,
    ) {}

    /** @throws PasskeyRefused where it is not that */
    public static function read(string $bytes): self
    {
        if (strlen($bytes) < 37) {
            throw PasskeyRefused::because('the machine’s data is cut off');
        }
        /** @var array{flags: int, counter: int} $head */
        $head = unpack('Cflags/Ncounter', $bytes, 32);
        $rest = substr($bytes, 37);
        $credential = $key = null;
        if (($head['flags'] & self::HAS_CREDENTIAL) !== 0) {
            // After sixteen bytes that name the model, which is nothing to us.
            $length = strlen($rest) < 18 ? 0 : (ord($rest[16]) << 8) | ord($rest[17]);
            $credential = substr($rest, 18, $length);
            if ($length === 0 || $length > self::NAME || strlen($credential) !== $length) {
                throw PasskeyRefused::because('the key’s name is cut off, or too long');
            }
            [$cose, $rest] = Cbor::first(substr($rest, 18 + $length));
            $key = CoseKey::of($cose);
        }
        if (($head['flags'] & self::HAS_EXTENSIONS) !== 0) {
            [, $rest] = Cbor::first($rest);
        }
        if ($rest !== '') {
            throw PasskeyRefused::because('something stands after the machine’s data');
        }

        return new self(
            substr($bytes, 0, 32),
            ($head['flags'] & self::PRESENT) !== 0,
            ($head['flags'] & self::VERIFIED) !== 0,
            $head['counter'],
            $credential,
            $key,
        );
    }
}
