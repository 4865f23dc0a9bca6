<?php

declare(strict_types=1);

namespace App\Framework;

/**
 * Names in the order in which whoever reads them looks for them: by their language, accents beside their letters, digits
 * by their value, so that 7A stands before 10A (CLDR's collations, by ICU; Unicode Technical Standard 10).
 */
final class Alphabet
{
    /**
     * How two are compared that have a name, to sort them by.
     *
     * @template T
     *
     * @param  \Closure(T): string  $name
     * @return \Closure(T, T): int
     */
    public static function by(\Closure $name): \Closure
    {
        $collator = new \Collator(Reading::now()->language);
        $collator->setAttribute(\Collator::NUMERIC_COLLATION, \Collator::ON);

        return static fn(mixed $a, mixed $b): int => (int) $collator->compare($name($a), $name($b));
    }
}
