<?php

declare(strict_types=1);

namespace App\Registry;

use Illuminate\Encryption\Encrypter;

/** The installation's key, which opens the registry and nothing else. */
final readonly class Seal
{
    private Encrypter $by;

    /** @param  string  $key  "base64:" and 32 bytes */
    public function __construct(#[\SensitiveParameter] string $key)
    {
        $this->by = new Encrypter((string) base64_decode(substr($key, strlen('base64:')), true), 'AES-256-CBC');
    }

    public function seal(Opens $what): string
    {
        return $this->by->encryptString((string) json_encode(get_object_vars($what), JSON_THROW_ON_ERROR));
    }

    public function open(Enrolled $school): Opens
    {
        /** @var array{password: string, key: string, settings: array<string, string>} $what */
        $what = json_decode($this->by->decryptString($school->sealed), true, flags: JSON_THROW_ON_ERROR);

        return new Opens(...$what);
    }
}
