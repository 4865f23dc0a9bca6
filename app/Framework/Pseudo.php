<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Contracts\Translation\Loader;

/**
 * A made-up language out of English, to find by looking what has not come out of the catalogues, and what is cut off where
 * words are longer: letters have accents, and each sentence stands in brackets and is longer by two fifths. Its name is
 * CLDR's own (UTS 35, “pseudo-locales”). It is there in the demo and in tests, for whoever has “recess_language=en-XA” as
 * their browser's cookie.
 */
final readonly class Pseudo implements Loader
{
    public const LANGUAGE = 'en-XA';

    private const ACCENTS = [
        'a' => 'á',
        'c' => 'ç',
        'e' => 'é',
        'i' => 'í',
        'n' => 'ñ',
        'o' => 'ó',
        's' => 'š',
        'u' => 'ú',
        'y' => 'ý',
        'A' => 'Á',
        'C' => 'Ç',
        'E' => 'É',
        'I' => 'Í',
        'N' => 'Ñ',
        'O' => 'Ó',
        'S' => 'Š',
        'U' => 'Ú',
        'Y' => 'Ý',
    ];

    public function __construct(private Loader $real) {}

    /** @param  string  $pattern  in ICU MessageFormat, or with the framework's own :names */
    public static function of(string $pattern): string
    {
        $said = self::accented($pattern);
        $letters = preg_match_all('/\p{L}/u', (string) preg_replace('/<\/?\w+>|\{[^{}]*\}|:\w+/u', '', $pattern));

        // In words, for what is longer elsewhere can be broken there, too.
        return "[{$said}" . implode(' ', str_split(str_repeat('~', intdiv($letters * 2 + 4, 5)), 7)) . ']';
    }

    /** What is said in it; its arguments, its tags and the names of its choices stay. */
    private static function accented(string $pattern): string
    {
        $parts = '/
            \{\s*\w+\s*(?:,\s*\w+\s*)?\}                                   # {name}, {name, number}
            | \{\s*\w+\s*,\s*number\s*,[^{}]*\}
            | (\{\s*\w+\s*,\s*(?:plural|select|selectordinal)\s*,\s*)((?:(?:=?\w+)\s*(\{(?:[^{}]++|(?3))*+\})\s*)+)\}
            | <\/?\w+> | :\w+
        /xu';
        $said = '';
        $at = 0;
        preg_match_all($parts, $pattern, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($found as $part) {
            [$whole, $begins] = $part[0];
            $said .= strtr(substr($pattern, $at, $begins - $at), self::ACCENTS);
            $at = $begins + strlen($whole);
            $said .= isset($part[2]) && $part[2][0] !== '' ? $part[1][0] . self::choices($part[2][0]) . '}' : $whole;
        }

        return $said . strtr(substr($pattern, $at), self::ACCENTS);
    }

    /** @param  string  $choices  one {…} other {…} */
    private static function choices(string $choices): string
    {
        return (string) preg_replace_callback(
            '/(=?\w+\s*)\{((?:[^{}]++|(\{(?:[^{}]++|(?3))*+\}))*+)\}/u',
            static fn(array $choice): string => "{$choice[1]}{" . self::accented($choice[2]) . '}',
            $choices,
        );
    }

    /** @return array<array-key, mixed> */
    public function load($locale, $group, $namespace = null): array
    {
        if ($locale !== self::LANGUAGE) {
            return $this->real->load($locale, $group, $namespace);
        }
        $all = $this->real->load('en', $group, $namespace);
        array_walk_recursive($all, static function (mixed &$one, int|string $key): void {
            // Of what a date is made is no sentence.
            $one = is_string($one) && !str_starts_with((string) $key, 'pattern_') ? self::of($one) : $one;
        });

        return $all;
    }

    public function addNamespace($namespace, $hint): void
    {
        $this->real->addNamespace($namespace, $hint);
    }

    public function addJsonPath($path): void
    {
        $this->real->addJsonPath($path);
    }

    /** @return array<array-key, mixed> */
    public function namespaces(): array
    {
        return $this->real->namespaces();
    }
}
