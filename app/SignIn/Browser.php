<?php

declare(strict_types=1);

namespace App\SignIn;

/** What a browser says of itself, as one reads it: roughly, so that one knows one's own machines. */
final class Browser
{
    private const BROWSERS = [
        'Edg' => 'Edge',
        'OPR' => 'Opera',
        'Firefox' => 'Firefox',
        'CriOS' => 'Chrome',
        'FxiOS' => 'Firefox',
        'Chrome' => 'Chrome',
        'Safari' => 'Safari',
    ];

    private const SYSTEMS = [
        'iPhone' => 'iPhone',
        'iPad' => 'iPad',
        'Android' => 'Android',
        'CrOS' => 'Chromebook',
        'Windows' => 'Windows',
        'Mac OS' => 'Mac',
        'Linux' => 'Linux',
    ];

    public static function name(string $said): string
    {
        $found = static fn(array $names): ?string => array_values(
            array_filter($names, static fn(string $sign): bool => str_contains($said, $sign), ARRAY_FILTER_USE_KEY),
        )[0] ?? null;
        $browser = $found(self::BROWSERS);
        $system = $found(self::SYSTEMS);

        return $browser !== null && $system !== null ? "$browser, $system" : $browser ?? ($system ?? '?');
    }
}
