<?php

declare(strict_types=1);

namespace App\Wordings;

use Illuminate\Support\Arr;

/** The sentences that come with Recess, whatever the school says in their place. */
final class Ours
{
    /**
     * Those that can be worded otherwise: not how dates are put together, nor what the quick line reads.
     *
     * @return array<string, string> by “catalogue.key”
     */
    public static function in(string $language): array
    {
        /** @var array<string, array<string, string>> $known */
        static $known = [];
        if (isset($known[$language])) {
            return $known[$language];
        }
        $all = [];
        foreach (glob(lang_path("$language/*.php")) ?: [] as $file) {
            $all += Arr::dot([basename($file, '.php') => require $file]);
        }

        return $known[$language] = array_filter(
            $all,
            static fn(mixed $text, string $key): bool => is_string($text) && !str_starts_with($key, 'said.pattern_'),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** Whether it is in ICU's format: what the framework says of a form is in its own. */
    public static function isIcu(string $key): bool
    {
        return !str_starts_with($key, 'validation.');
    }
}
