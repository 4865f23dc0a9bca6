<?php

declare(strict_types=1);

namespace App\Passkeys;

/** A key that a machine has made: what the machine calls it (base64url), the public part, and its counter. */
final readonly class NewKey
{
    public function __construct(public string $credential, public CoseKey $key, public int $counter) {}
}
