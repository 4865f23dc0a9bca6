<?php

declare(strict_types=1);

namespace App\Framework;

/** Sentences out of the catalogues (lang/), in ICU MessageFormat: whole, and never glued from pieces. */
final class Words
{
    /**
     * @param  array<string, int|string>  $values  by their names in the sentence
     */
    public static function say(string $key, array $values = []): string
    {
        $said = \MessageFormatter::formatMessage(
            Reading::now()->language,
            self::pattern($key) ?? throw new \LogicException("The catalogue has no “{$key}”."),
            $values,
        );

        return $said === false ? throw new \LogicException("The catalogue’s “{$key}” cannot be said.") : $said;
    }

    /** @return list<string> several of one catalogue, as the headings of a table */
    public static function each(string $catalogue, string ...$keys): array
    {
        return array_map(static fn(string $key): string => self::say("$catalogue.$key"), array_values($keys));
    }

    /** The sentence as the catalogue has it; null when it has none. */
    public static function pattern(string $key): ?string
    {
        $pattern = trans($key, locale: Reading::now()->language);

        return is_string($pattern) && $pattern !== $key ? $pattern : null;
    }
}
