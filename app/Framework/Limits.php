<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Instant;
use Illuminate\Support\Facades\DB;

/**
 * How often something may be done from somewhere within a while, on all servers together.
 *
 * The count is in the database. Each web server adds up what it sees for a second and writes it down in one go, so that
 * a whole school behind one address does not queue for one row; what it knows of the others is that much older.
 */
final class Limits
{
    /** Seconds for which a server counts by itself; and as many hits. */
    private const BETWEEN = 1;

    private const AT_ONCE = 20;

    /**
     * Counts one more.
     *
     * @param  string  $what  and by whom
     * @param  int  $seconds  of the while, which begins with its first hit
     * @return int|null  seconds to wait, when that was one too many
     */
    public static function hit(string $what, int $most, int $seconds, int $now): ?int
    {
        $window = intdiv($now, $seconds);
        $digest = hash('sha256', "$what|$seconds|$window");
        $until = ($window + 1) * $seconds;

        return self::counted($digest, $until, $now) > $most ? max(1, $until - $now) : null;
    }

    /** Whether there have been so many already; counts nothing. */
    public static function isReached(string $what, int $most, int $seconds, int $now): bool
    {
        $digest = hash('sha256', "$what|$seconds|" . intdiv($now, $seconds));

        return (int) DB::table('limits')->where('digest', $digest)->value('hits') >= $most;
    }

    /** Counts at once and exactly: for what is rare and dear, such as a wrong password. */
    public static function exactly(string $what, int $seconds, int $now): void
    {
        $window = intdiv($now, $seconds);
        self::written(hash('sha256', "$what|$seconds|$window"), 1, ($window + 1) * $seconds);
    }

    public static function forget(string $what, int $seconds, int $now): void
    {
        DB::table('limits')->where('digest', hash('sha256', "$what|$seconds|" . intdiv($now, $seconds)))->delete();
    }

    /** What is over; run now and then. */
    public static function tidy(int $now): void
    {
        DB::table('limits')->where('until', '<=', Instant::column($now))->delete();
    }

    private static function counted(string $digest, int $until, int $now): int
    {
        if (!AtHand::isThere()) {
            return self::written($digest, 1, $until);
        }
        $hits = AtHand::named("hits|$digest");
        $pending = (int) apcu_inc($hits, 1, $inMemory, $until - $now + 60);
        /** @var array{int, int}|null $known  all hits, and when that was read */
        $known = AtHand::get("limit|$digest");
        if ($known !== null && $now - $known[1] < self::BETWEEN && $pending < self::AT_ONCE) {
            return $known[0] + $pending;
        }
        // Whoever takes what has added up writes it down; others who come meanwhile go by what was known.
        $taken = $pending;
        if (!apcu_cas($hits, $taken, 0)) {
            return ($known[0] ?? 0) + $pending;
        }
        $all = self::written($digest, $taken, $until);
        AtHand::put("limit|$digest", [$all, $now], $until - $now + 60);

        return $all;
    }

    /** @return int how many there have been, these among them */
    private static function written(string $digest, int $hits, int $until): int
    {
        DB::insert(
            'INSERT INTO limits (digest, hits, until) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE hits = LAST_INSERT_ID(hits + VALUES(hits))',
            [$digest, $hits, Instant::column($until)],
        );
        $all = (int) DB::getPdo()->lastInsertId();

        return $all === 0 ? $hits : $all;
    }
}
