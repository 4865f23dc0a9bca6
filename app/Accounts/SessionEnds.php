<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session ends twelve hours after signing in, however busy it was (OWASP ASVS 4.0.3, 3.3.2; half an hour idle is
 * config/session.php). Whoever asked to stay signed in on this machine begins another, for thirty days in all.
 */
final class SessionEnds
{
    private const SECONDS = 12 * 3600;

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if (Auth::check()) {
            $session = $request->session();
            $now = Clock::now();
            $since = $session->get('since');
            if (! is_int($since)) {
                $session->put('since', $now);
            } elseif ($now - $since >= self::SECONDS) {
                // The machine on which somebody stays signed in begins another; see SignIn/RememberedDevice.
                $session->invalidate();
                Auth::forgetGuards();
            }
        }

        return $next($request);
    }
}
