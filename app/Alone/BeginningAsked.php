<?php

declare(strict_types=1);

namespace App\Alone;

/** Somebody wants to begin alone; or wanted to, and has an account already. */
final readonly class BeginningAsked
{
    public function __construct(public string $name, public string $email, public ?Sealed $sealed) {}
}
