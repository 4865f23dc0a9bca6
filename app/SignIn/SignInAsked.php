<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;

/** Somebody wants to sign in by a letter. */
final readonly class SignInAsked
{
    public function __construct(public AccountKey $key) {}
}
