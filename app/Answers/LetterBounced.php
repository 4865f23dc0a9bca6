<?php

declare(strict_types=1);

namespace App\Answers;

/** A mail server says that a letter of ours will never reach this address, and why. */
final readonly class LetterBounced
{
    public function __construct(public string $email, public string $why) {}
}
