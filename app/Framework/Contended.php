<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Facades\DB;

/** A transaction that others fight for: tried again, whole, where the database says that trying again helps. */
final class Contended
{
    private const ATTEMPTS = 8;

    /** MariaDB's own numbers: lock wait timed out, and deadlock found. Both undo the transaction and mean "again". */
    private const TRY_AGAIN = [1205, 1213];

    private static bool $under = false;

    /**
     * @template T
     *
     * @param  \Closure(): T  $work  begins with Guards, so that all of them take their locks in one order
     * @return T
     */
    public static function transaction(\Closure $work): mixed
    {
        // Inside another one only the whole can be tried again: a deadlock has undone all of it.
        if (self::$under) {
            return DB::transaction($work);
        }
        self::$under = true;
        try {
            return self::tried($work);
        } finally {
            self::$under = false;
        }
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     */
    private static function tried(\Closure $work): mixed
    {
        for ($attempt = 1; ; $attempt++) {
            try {
                return DB::transaction($work);
            } catch (\PDOException $failure) {
                // Of a failed statement the framework makes an exception of its own; a failed commit comes bare, as from a cluster.
                if ($attempt === self::ATTEMPTS || !in_array($failure->errorInfo[1] ?? 0, self::TRY_AGAIN, true)) {
                    throw $failure;
                }
                // Apart from one another, so that those who collided do not collide again.
                usleep(random_int(1_000, 4_000) * $attempt);
            }
        }
    }
}
