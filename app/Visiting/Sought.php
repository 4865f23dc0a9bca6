<?php

declare(strict_types=1);

namespace App\Visiting;

use Illuminate\Support\Str;

/** Looking for somebody as people type: without accents, in any case, every word. The same as web/lib/sought.ts. */
final class Sought
{
    public static function in(string $text, string $sought): bool
    {
        $words = array_filter(explode(' ', self::plain($sought)));
        if ($words === []) {
            return true;
        }
        $text = self::plain($text);

        return array_filter($words, static fn(string $word): bool => !str_contains($text, $word)) === [];
    }

    private static function plain(string $text): string
    {
        return Str::lower(Str::ascii($text));
    }
}
