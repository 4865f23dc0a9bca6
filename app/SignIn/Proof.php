<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use App\Passkeys\RelyingParty;
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
        $second = $staff instanceof StaffMember && AnyFactor::of($staff);
        $shown = $request->session()->get($what === 'factor' && $second ? 'factor_at' : 'proved_at');
        if (!is_int($shown) || Clock::now() - $shown >= self::SECONDS) {
            return new JsonResponse(
                [
                    'message' => Words::say('signin.prove'),
                    'second_factor' => $second,
                    'factor_only' => $what === 'factor' && $second,
                    'telephone' => $second && $staff->totp_at !== null,
                    'passkey' => $second && RelyingParty::canAsk($request, $staff),
                ],
                423,
            );
        }

        return $next($request);
    }

    /**
     * It was they, now. Who steps up goes on in another session than the one that could not (OWASP ASVS 4.0.3, 3.2.1).
     *
     * @param  bool  $factor  by more than the password
     */
    public static function shown(Request $request, bool $factor): void
    {
        $now = Clock::now();
        $request->session()->regenerate();
        $request->session()->put(['proved_at' => $now] + ($factor ? ['factor_at' => $now] : []));
    }
}
