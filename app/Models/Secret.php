<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The secret ends of private addresses: 43 characters, 256 bits that nobody guesses.
 *
 * They are worked out from the application key, so a later message can carry them while the tables hold only their
 * hash. See docs/decisions/0005-pass-tokens.md.
 */
final class Secret
{
    public static function of(string $what): string
    {
        $secret = hash_hmac('sha256', $what, (string) config('app.key'), true);

        return rtrim(strtr(base64_encode($secret), '+/', '-_'), '=');
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
