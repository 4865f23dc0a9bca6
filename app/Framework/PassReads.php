<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Pass;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * On the page of a pass: whoever has chosen no language reads in that of their pass, and goes on in it; whoever chooses
 * one by the page's own address (/fr/p/…) gets what is sent to them in it, too.
 */
final class PassReads
{
    private const YEAR = 365 * 86_400;

    public function handle(Request $request, \Closure $next): Response
    {
        $pass = $request->route('pass');
        if (!($pass instanceof Pass)) {
            return $next($request);
        }
        $folder = Languages::known($request->server('RECESS_FOLDER'));
        // Whom somebody has let in by a part of it does not say how its holder reads.
        if ($folder !== null && $folder !== $pass->language && $pass->reach === null) {
            $pass->update(['language' => $folder]);
        }
        $known = Languages::known($pass->language);
        if ($known === null || $known === Reading::now()->language || Reading::chosen($request) !== null) {
            return $next($request);
        }
        $reading = Reading::in($known, Reading::now()->clock);
        app()->instance(Reading::class, $reading);
        app('translator')->setLocale($reading->language);
        $answer = $next($request);
        $answer->headers->setCookie(
            new Cookie(Reading::LANGUAGE_COOKIE, $known, time() + self::YEAR, httpOnly: false, sameSite: 'lax'),
        );

        return $answer;
    }
}
