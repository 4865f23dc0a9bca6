<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session ends twelve hours after signing in, however busy it was, and half an hour after the last press (OWASP ASVS
 * 4.0.3, 3.3.2). A page that looks by itself whether something changed is nobody's press. Whoever asked to stay signed in on this machine begins another, for thirty days in all.
 */
final class SessionEnds
{
    private const SECONDS = 12 * 3600;

    private const IDLE = 1800;

    /** What web/lib/live.svelte.ts says with a look that nobody asked for. */
    public const LOOK = 'X-Recess-Look';

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if (Auth::check()) {
            $session = $request->session();
            $now = Clock::now();
            $since = $session->get('since');
            if (!is_int($since)) {
                $session->put('since', $now);
            }
            $pressed = $session->get('pressed');
            $look = $request->isMethod('GET') && $request->hasHeader(self::LOOK);
            if (
                (is_int($since) && $now - $since >= self::SECONDS) ||
                ($look && is_int($pressed) && $now - $pressed >= self::IDLE)
            ) {
                // The machine on which somebody stays signed in begins another; see SignIn/RememberedDevice.
                $session->invalidate();
                Auth::forgetGuards();
            } elseif (!is_int($pressed) || !$look) {
                $session->put('pressed', $now);
            }
        }

        return $next($request);
    }
}
