<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Str;

/**
 * Looking for something as people type: every word of it, without accents, in any case, composed or taken apart; and in
 * Latin letters what is written in others, where they stand for one another. Held to the same cases as
 * web/lib/sought.ts (tests/web/sought.json).
 */
final class Sought
{
    public static function in(string $text, string $sought): bool
    {
        $spelt = self::plain($text);
        $latin = Str::lower(Str::ascii($text));
        foreach (preg_split('/\s+/', self::plain($sought), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            // Nothing is left in Latin letters of Chinese ones: that would be found everywhere.
            $inLatin = Str::lower(Str::ascii($word));
            if (!str_contains($spelt, $word) && ($inLatin === '' || !str_contains($latin, $inLatin))) {
                return false;
            }
        }

        return true;
    }

    /** A text as it is looked for in: Unicode's compatibility forms taken apart (UAX 15, NFKD), without marks. */
    public static function plain(string $text): string
    {
        $apart = (string) \Normalizer::normalize(mb_scrub($text), \Normalizer::FORM_KD);

        return mb_strtolower((string) preg_replace('/\p{M}/u', '', str_replace("'", '’', $apart)));
    }
}
