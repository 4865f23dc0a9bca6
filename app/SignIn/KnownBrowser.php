<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\Secret;
use App\Models\StaffMember;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/**
 * A browser in which somebody has been signed in before. It opens nothing; but who tries a password there is not counted
 * with all who try it elsewhere, so that strangers who guess cannot shut its owner out (OWASP, “device cookies”).
 */
final class KnownBrowser
{
    private const MINUTES = 400 * 1440;

    private static function cookie(): string
    {
        return str_starts_with((string) config('app.url'), 'https://') ? '__Host-recess_known' : 'recess_known';
    }

    /** The cookie goes with the answer. */
    public static function keep(Request $request, StaffMember $staff): void
    {
        if (self::of($request, $staff) === null) {
            $mark = bin2hex(random_bytes(16));
            Cookie::queue(
                self::cookie(),
                "$staff->id.$mark." . self::seal($staff, $mark),
                self::MINUTES,
                '/',
                null,
                str_starts_with((string) config('app.url'), 'https://'),
                true,
                false,
                'lax',
            );
        }
    }

    /** Its mark, where it is one of that person's; null elsewhere, and after another password. */
    public static function of(Request $request, ?StaffMember $staff): ?string
    {
        $kept = $request->cookie(self::cookie());
        [$id, $mark, $seal] = explode('.', is_string($kept) ? $kept : '', 3) + ['', '', ''];

        return $staff !== null && $id === (string) $staff->id && Secret::matches(self::sealed($staff, $mark), $seal)
            ? $mark
            : null;
    }

    private static function seal(StaffMember $staff, string $mark): string
    {
        return Secret::of(self::sealed($staff, $mark));
    }

    private static function sealed(StaffMember $staff, string $mark): string
    {
        return "known browser|$staff->id|$mark|" . Secret::hash($staff->password);
    }
}
