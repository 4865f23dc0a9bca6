<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before what cannot be undone, whoever is signed in shows once more that it is they (OWASP ASVS 4.0.3, 3.7.1): what was shown within a quarter of an hour counts. */
final class Proof
{
    private const SECONDS = 900;

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $shown = $request->session()->get('proved_at');
        if (! is_int($shown) || Clock::now() - $shown >= self::SECONDS) {
            return new JsonResponse(['message' => Words::say('signin.prove'), 'second_factor' => $request->user()?->getAttribute('totp_at') !== null], 423);
        }

        return $next($request);
    }
}
