<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Database\LostConnectionDetector;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/**
 * The database is gone for a moment: it starts again, or a machine of several is left. That is nobody's fault and over
 * soon, so the answer is to come again (RFC 9110, 15.6.4: 503 with Retry-After), and the page does so by itself.
 */
final class DatabaseAway
{
    /** Seconds after which to come again. */
    private const AFTER = 2;

    /**
     * MariaDB's own numbers: too many connections, shutdown in progress, interrupted, killed, a node of a cluster that is
     * not ready; and the client's: not to be reached, gone away, lost during a query.
     */
    private const NUMBERS = [1040, 1047, 1053, 1317, 1927, 2002, 2003, 2006, 2013];

    public static function is(\Throwable $failure): bool
    {
        for ($one = $failure; $one !== null; $one = $one->getPrevious()) {
            if (
                $one instanceof \PDOException &&
                (in_array($one->errorInfo[1] ?? $one->getCode(), self::NUMBERS, true) ||
                    (new LostConnectionDetector())->causedByLostConnection($one))
            ) {
                return true;
            }
        }

        return false;
    }

    /** What is answered then: nginx makes of it what fits the reader (ops/templates/nginx.conf, @away). */
    public static function answer(\Throwable $failure, Request $request): ?Answer
    {
        if (!self::is($failure)) {
            return null;
        }

        return self::comeAgain($request, Words::say('away.moment'), [
            'Retry-After' => (string) self::AFTER,
            'X-Accel-Redirect' => '@away',
        ]);
    }

    /** @param  array<string, string>  $headers */
    public static function comeAgain(Request $request, string $said, array $headers): Answer
    {
        $headers['Cache-Control'] = 'no-store';

        return $request->expectsJson() || $request->is('api/*')
            ? new JsonResponse(['message' => $said], Answer::HTTP_SERVICE_UNAVAILABLE, $headers)
            : new Response($said, Answer::HTTP_SERVICE_UNAVAILABLE, $headers + ['Content-Type' => 'text/plain']);
    }
}
