<?php

declare(strict_types=1);

namespace App\Passkeys;

/** What a machine sent is not what the standard asks for. Why is for the log; whoever stands there reads one sentence. */
final class PasskeyRefused extends \RuntimeException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
