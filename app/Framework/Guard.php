<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Facades\DB;

/**
 * Locks that are written rows, so that all servers of a cluster know of them: whoever decides something for somebody raises
 * their counter first. Two who do so for the same one wait for each other, or one of them fails at its commit and is tried
 * again (docs/decisions/0012-guards.md).
 */
final class Guard
{
    /** At the beginning of a transaction, in the order in which everybody raises them. */
    public static function raise(string ...$names): void
    {
        foreach (array_chunk($names, 500) as $some) {
            DB::insert(
                'INSERT INTO guards (digest, raised) VALUES ' .
                    implode(', ', array_fill(0, count($some), '(?, 1)')) .
                    ' ON DUPLICATE KEY UPDATE raised = raised + 1',
                array_map(static fn(string $name): string => hash('sha256', $name), $some),
            );
        }
    }

    public static function round(int $id): void
    {
        self::raise("round|$id");
    }

    /** For their account: roles, keys and codes. */
    public static function account(int $staff): void
    {
        self::raise("account|$staff");
    }

    /** For who of its office there is. */
    public static function office(int $school): void
    {
        self::raise("office|$school");
    }

    /** For what becomes of a meeting on its day. */
    public static function turn(int $booking): void
    {
        self::raise("turn|$booking");
    }
}
