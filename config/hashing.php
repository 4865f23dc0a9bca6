<?php

declare(strict_types=1);

// OWASP Password Storage Cheat Sheet: argon2id with 19 MiB, two passes, one lane. Unlike bcrypt it reads a password to its
// end. What an earlier version hashed otherwise still opens, and is hashed anew at the next signing in.
return [
    'driver' => 'argon2id',
    'bcrypt' => ['rounds' => 12, 'verify' => false],
    'argon' => ['memory' => (int) env('ARGON_MEMORY', 19 * 1024), 'time' => 2, 'threads' => 1, 'verify' => false],
    'rehash_on_login' => true,
];
