<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\LogBook;
use App\Models\Addresses;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The one way in, by whatever somebody has shown: a password, a letter, or another service that knows them. */
final class Entrance
{
    /** For so long the second question waits for its answer. */
    private const WAITS = 600;

    /**
     * With a first factor shown. Whoever has a second one is asked for it; all others are in.
     *
     * @param  string  $how  password, letter, service, passkey, or first: by an invitation or a new password
     * @param  bool  $strong  whether several factors were shown elsewhere already
     * @return string  where to go next
     */
    public static function after(
        Request $request,
        StaffMember $staff,
        bool $remember,
        string $how,
        bool $strong = false,
    ): string {
        if (!$strong && AnyFactor::of($staff)) {
            $request->session()->put('asked', [
                'staff' => $staff->id,
                'remember' => $remember,
                'at' => Clock::now(),
                'password' => $staff->password,
            ]);

            return '/staff/second-factor';
        }

        return self::in($request, $staff, $remember, $how, $strong);
    }

    /** Who has shown the first and is asked for the second factor; null when nobody is, or not any more. */
    public static function asked(Request $request): ?StaffMember
    {
        $asked = $request->session()->get('asked');
        $staff =
            is_array($asked) && Clock::now() - (int) $asked['at'] < self::WAITS
                ? StaffMember::query()->whereKey($asked['staff'])->whereNull('left_at')->first()
                : null;

        // Another password in the meantime begins anew.
        return $staff !== null && hash_equals((string) $asked['password'], $staff->password) ? $staff : null;
    }

    /** Whether they, when they showed the first factor, asked to stay signed in. */
    public static function remembers(Request $request, StaffMember $staff): bool
    {
        $asked = $request->session()->get('asked');

        return is_array($asked) && $asked['remember'] === true && self::asked($request)?->is($staff) === true;
    }

    /** In a session of its own, from now on. */
    public static function in(
        Request $request,
        StaffMember $staff,
        ?bool $remember = null,
        string $how = 'first',
        bool $strong = false,
    ): string {
        $asked = $request->session()->pull('asked');
        $wanted = $request->session()->pull('url.intended');
        $remember ??= is_array($asked) && $asked['remember'] === true;
        Auth::login($staff);
        LogBook::note('came_in', $staff, ['how' => is_array($asked) ? 'code' : $how], $staff);
        $now = Clock::now();
        $request
            ->session()
            ->put(['since' => $now, 'proved_at' => $now] + ($strong || is_array($asked) ? ['factor_at' => $now] : []));
        KnownBrowser::keep($request, $staff);
        if ($remember) {
            Device::keep($staff, (string) $request->userAgent(), $now);
        }

        // Only the path: where to go next is never another site, whatever host the request named.
        $path = is_string($wanted) ? parse_url($wanted, PHP_URL_PATH) : null;

        return $path ?: ($staff->reader ? Addresses::TODAY : Addresses::STAFF);
    }
}
