<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before what cannot be undone, whoever is signed in shows once more that it is they (OWASP ASVS 4.0.3, 3.7.1): what was shown within a quarter of an hour counts. */
final class Proof
{
    private const SECONDS = 900;

    /**
     * @param  \Closure(Request): Response  $next
     * @param  string  $what  factor, where the password alone is not enough for whoever has a second one
     */
    public function handle(Request $request, \Closure $next, string $what = ''): Response
    {
        $staff = $request->user();
        $second = $staff instanceof StaffMember && $staff->totp_at !== null;
        $shown = $request->session()->get($what === 'factor' && $second ? 'factor_at' : 'proved_at');
        if (! is_int($shown) || Clock::now() - $shown >= self::SECONDS) {
            return new JsonResponse(['message' => Words::say('signin.prove'), 'second_factor' => $second, 'factor_only' => $what === 'factor' && $second], 423);
        }

        return $next($request);
    }
}
