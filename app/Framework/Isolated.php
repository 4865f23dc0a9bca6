<?php

declare(strict_types=1);

namespace App\Framework;

/**
 * What runs the other way than the sentence in which it stands is isolated, so that what comes after it stays where it
 * belongs: FSI and PDI (UAX 9, 2.7, “in plain text”). What runs the same way is left as it is.
 */
final class Isolated
{
    /** Letters that run from right to left: Hebrew, Arabic and their neighbours. */
    private const RIGHT = '/[\x{0590}-\x{08FF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFF}]/u';

    /** Letters that run from left to right; and numbers of several parts, as of a telephone. */
    private const LEFT = '/(?![\x{0590}-\x{08FF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFF}])\p{L}|^\+?\d[\d ().\/-]{4,}$/u';

    /** @param  string  $name  under which it stands in the sentence's pattern; what only chooses between words is no text */
    public static function in(string $value, string $name, string $pattern): string
    {
        $other = Languages::direction(Reading::now()->language) === 'rtl' ? self::LEFT : self::RIGHT;
        // An address is copied, and markup is a document's own.
        if (preg_match($other, $value) !== 1 || str_contains($value, '://') || str_contains($value, '<')) {
            return $value;
        }

        return preg_match("/\{\s*$name\s*,\s*select\b/", $pattern) === 1 ? $value : "\u{2068}{$value}\u{2069}";
    }
}
