<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Words;

/** Somebody does not come in by the other service: it is down, its answer cannot be trusted, or it does not know an address of theirs that we know. */
final class OidcRefused extends \RuntimeException
{
    /** @param  array<string, string>  $values */
    public static function because(string $why, array $values = [], ?\Throwable $failure = null): self
    {
        return new self(Words::say("signin.oidc_$why", $values), 0, $failure);
    }
}
