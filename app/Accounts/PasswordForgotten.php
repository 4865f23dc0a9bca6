<?php

declare(strict_types=1);

namespace App\Accounts;

/** Somebody who has an account wants a new password for it. */
final readonly class PasswordForgotten
{
    public function __construct(public AccountKey $key) {}
}
