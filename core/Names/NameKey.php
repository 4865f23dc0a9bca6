<?php

declare(strict_types=1);

namespace Recess\Names;

/**
 * A person's name as it is compared: the same however it was typed. Compatibility forms, case (Unicode 15, 3.13,
 * toNFKC_Casefold), apostrophes, hyphens and dashes, spaces and what nobody sees are folded; an accent is part of a
 * name and stays.
 */
final class NameKey
{
    /** Characters that are kept: as wide as the columns. */
    private const MOST = 120;

    /** What keyboards and programs put for one apostrophe, looked at before NFKC takes some of them apart. */
    private const APOSTROPHES = "'’‘‛ʼʻʽʹˈ′‵´`＇｀՚ꞌ";

    public static function of(string $name): string
    {
        if (!mb_check_encoding($name, 'UTF-8')) {
            $name = mb_scrub($name, 'UTF-8');
        }
        $name = self::composed(self::apostrophes($name));
        // Folding case can take a letter and its accent apart, and NFKC can make an apostrophe.
        $name = self::apostrophes(self::composed(mb_convert_case($name, MB_CASE_FOLD, 'UTF-8')));
        $name = (string) preg_replace(['/[\p{Pd}\x{2212}\x{2043}]/u', '/[\p{Cf}\p{Cc}]+/u'], ['-', ' '], $name);
        // None is meant beside an apostrophe or a hyphen, nor more than one anywhere.
        $name = (string) preg_replace(["/\s*(['-])\s*/u", '/[\s\p{Z}]+/u'], ['$1', ' '], $name);

        return trim(mb_substr(trim($name), 0, self::MOST));
    }

    private static function apostrophes(string $name): string
    {
        return (string) preg_replace('/[' . self::APOSTROPHES . ']/u', "'", $name);
    }

    private static function composed(string $name): string
    {
        $composed = \Normalizer::normalize($name, \Normalizer::FORM_KC);

        return is_string($composed) ? $composed : $name;
    }
}
