<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** A transaction that others fight for: tried again where the database says that trying again helps. */
final class Contended
{
    private const ATTEMPTS = 8;

    /** MariaDB's own numbers: lock wait timed out, and deadlock found. Both undo the statement or transaction and mean "again". */
    private const TRY_AGAIN = [1205, 1213];

    /**
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     */
    public static function transaction(\Closure $work): mixed
    {
        for ($attempt = 1; ; $attempt++) {
            try {
                return DB::transaction($work);
            } catch (QueryException $failure) {
                if ($attempt === self::ATTEMPTS || ! in_array($failure->errorInfo[1] ?? 0, self::TRY_AGAIN, true)) {
                    throw $failure;
                }
                // Apart from one another, so that those who collided do not collide again.
                usleep(random_int(1_000, 4_000) * $attempt);
            }
        }
    }
}
