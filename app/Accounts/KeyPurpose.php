<?php

declare(strict_types=1);

namespace App\Accounts;

/** What a key to an account is for, and for how long it opens. */
enum KeyPurpose: string
{
    case Invitation = 'invitation';
    case Password = 'password';
    /** Signing in by a letter, where the school allows it. */
    case Session = 'session';
    /** An empty server: the school and the first of its office. */
    case School = 'school';

    public function seconds(): int
    {
        return match ($this) {
            self::Invitation => 7 * 86400,
            self::Password => 3600,
            self::Session => 600,
            self::School => 86400,
        };
    }
}
