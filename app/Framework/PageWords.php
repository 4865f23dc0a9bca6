<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Arr;

/** The sentences that a page says, in its reader's language: those that its build has written down, and no others. */
final class PageWords
{
    /**
     * @param  string  $side  visit or staff
     * @param  string  $page  its component
     * @return array<string, string> patterns by “catalogue.key”, and as “plurals” which category each number has
     */
    public static function of(string $side, string $page): array
    {
        $known = self::known($side);
        $words = [];
        foreach ($known['pages'][$page] ?? [] as $key) {
            $words += str_ends_with($key, '*')
                ? self::beginning(substr($key, 0, -1))
                : [$key => Words::pattern($key) ?? $key];
        }
        $plurals = $known['plurals'][\Locale::getPrimaryLanguage(Reading::now()->language)] ?? '';

        return str_contains(implode($words), ', plural,') ? $words + ['plurals' => $plurals] : $words;
    }

    /** @return array<string, string> */
    private static function beginning(string $begins): array
    {
        [$catalogue] = explode('.', $begins);
        $all = Arr::dot([$catalogue => (array) trans($catalogue, locale: Reading::now()->language)]);

        return array_filter(
            array_filter($all, is_string(...)),
            static fn(string $key): bool => str_starts_with($key, $begins),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @return array{pages?: array<string, list<string>>, plurals?: array<string, string>} */
    private static function known(string $side): array
    {
        static $known = [];

        return $known[$side] ??= (array) json_decode(
            (string) @file_get_contents(public_path("build/$side/words.json")),
            true,
        );
    }
}
