<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response as Answer;

/**
 * Code that meets the tables of another version – an update that came half-way, two schools on one folder of code – shows
 * nothing and writes nothing, and says so. What brings tables up to date writes down to which version (ops/instance.sh).
 */
final class TablesOfThis
{
    /** @param  \Closure(Request): Answer  $next */
    public function handle(Request $request, \Closure $next): Answer
    {
        if (self::fit() || $request->is('up', 'metrics')) {
            return $next($request);
        }

        return DatabaseAway::comeAgain($request, Words::say('running.other_tables'), ['Retry-After' => '60']);
    }

    /** Read with each request, past every cache: the cached settings may be of the other version. */
    public static function fit(): bool
    {
        $kept = dirname(storage_path()) . '/tables';
        if (!is_file($kept)) {
            return true;
        }
        $files = scandir(database_path('migrations'), SCANDIR_SORT_DESCENDING) ?: [''];

        return trim((string) file_get_contents($kept)) === basename($files[0], '.php');
    }
}
