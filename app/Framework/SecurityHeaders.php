<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a browser may do with our pages: run our own scripts, and little else. */
final class SecurityHeaders
{
    public const POLICY =
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; " .
        "connect-src 'self'; frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        $headers = $response->headers;
        if (!$headers->has('Content-Security-Policy')) {
            $headers->set('Content-Security-Policy', self::POLICY);
        }
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'same-origin');
        // At the entrance a camera reads what is on passes and cards; nowhere else.
        $headers->set(
            'Permissions-Policy',
            'camera=' . ($request->is('kiosk/*') ? '(self)' : '()') . ', microphone=(), geolocation=()',
        );
        // Once there is https there is nothing else (RFC 6797): a year.
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        // A pass opens by its address alone: it must not be kept, found or passed on.
        if (
            $request->is(
                'p/*',
                'api/p/*',
                'staff/join/*',
                'staff/come/*',
                'staff/alone/*',
                'api/staff/alone/*',
                'api/staff/come/*',
                'begin/*',
                'api/begin/*',
                'w/*',
                'mailroom',
                'mailroom/*',
                'feeds/*',
                'video-room/*',
                'api/video-room/*',
                'kiosk/*',
                'api/kiosk/*',
            ) ||
            $request->filled('pass') ||
            $request->filled('for')
        ) {
            $headers->set('Referrer-Policy', 'no-referrer');
            $headers->set('X-Robots-Tag', 'noindex, nofollow');
            $headers->set('Cache-Control', 'no-store, private');
        }
        // Names and numbers: not for the next person on that computer who presses "back".
        if ($request->is('staff', 'staff/*', 'api/staff/*')) {
            $headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
