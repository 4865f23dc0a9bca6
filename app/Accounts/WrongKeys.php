<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Limits;
use App\Framework\Words;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Counts keys that open nothing, and not looks: a whole staff room opens its invitations from one network. */
final class WrongKeys
{
    private const MOST = 120;

    private const HOUR = 3600;

    /**
     * @param  \Closure(Request): Response  $next
     *
     * @throws ThrottleRequestsException
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $now = Clock::now();
        $wrong = 'wrong key|' . Limited::network($request);
        if (Limits::isReached($wrong, self::MOST, self::HOUR, $now)) {
            throw new ThrottleRequestsException(Words::say('accounts.wrong_keys'));
        }
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_GONE || ($response->exception ?? null) instanceof KeySpent) {
            Limits::exactly($wrong, self::HOUR, $now);
        }

        return $response;
    }
}
