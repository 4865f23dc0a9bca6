<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

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
        return self::by((string) config('app.key'), $what);
    }

    /** Whether a token is what is worked out of this, by the key of now or by one that was renewed a while ago. */
    public static function matches(string $what, string $token): bool
    {
        foreach ([(string) config('app.key'), ...config()->array('app.previous_keys')] as $key) {
            if (hash_equals(self::by((string) $key, $what), $token)) {
                return true;
            }
        }

        return false;
    }

    private static function by(string $key, string $what): string
    {
        return rtrim(strtr(base64_encode(hash_hmac('sha256', $what, $key, true)), '+/', '-_'), '=');
    }

    /** The row that a token of before the key was renewed opens, for a while; none is 0. See Directory/RenewKeysCommand. */
    public static function formerly(string $table, string $token): int
    {
        $row = DB::table('former_secrets')
            ->where('digest', self::hash($token))
            ->where('of', $table)
            ->where('until', '>', CarbonImmutable::now())
            ->value('row');

        return (int) $row;
    }

    /** What opens a row no more, but for a while. */
    public static function remember(string $digest, string $table, int $row, string $until): void
    {
        DB::table('former_secrets')->insertOrIgnore([
            'digest' => $digest,
            'of' => $table,
            'row' => $row,
            'until' => $until,
        ]);
    }

    /** Whoever has a new address made wants the old ones closed. */
    public static function forgetFormer(string $table, int $row): void
    {
        DB::table('former_secrets')->where('of', $table)->where('row', $row)->delete();
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** Those whose time is over. */
    public static function forget(int $now): void
    {
        DB::table('former_secrets')->where('until', '<=', Instant::column($now))->limit(500)->delete();
    }
}
