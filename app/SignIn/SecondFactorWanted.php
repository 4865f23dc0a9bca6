<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Words;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where the school asks a second factor of its office, whoever belongs to it sets one up before anything else. */
final class SecondFactorWanted
{
    private const MAY = [
        'staff/account',
        'api/staff/me/second-factor',
        'api/staff/me/passkeys',
        'api/staff/me/passkeys/*',
        'api/staff/session',
        'api/staff/session/*',
        'api/staff/me/password',
    ];

    public static function of(?StaffMember $staff): bool
    {
        return $staff !== null && $staff->office && $staff->school->office_second_factor && !AnyFactor::of($staff);
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $staff = $request->user();
        if (
            $request->is('staff', 'staff/*', 'api/staff/*') &&
            $staff instanceof StaffMember &&
            self::of($staff) &&
            !$request->is(...self::MAY)
        ) {
            return $request->expectsJson() || $request->is('api/*')
                ? new JsonResponse(['message' => Words::say('signin.second_wanted')], 403)
                : new RedirectResponse('/staff/account');
        }

        return $next($request);
    }
}
