<?php

declare(strict_types=1);

namespace App\Accounts;

/** Sends a letter at once, to see whether letters go out at all. */
interface TriesMail
{
    /** @return string|null what the mail server said against it; null when it took the letter */
    public function to(string $email): ?string;
}
