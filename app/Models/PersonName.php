<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A person's name, in any script and with whatever signs: it stands in messages to people, so it leads nowhere, has no
 * line of its own, and turns no writing round. What it looks like in a page or a file is that page's business.
 */
final class PersonName implements ValidationRule
{
    public const MOST = 120;

    /** Line breaks and other controls but the tab; marks that turn the direction (UAX #9, 2.2); addresses of web and mail. */
    private const NOT = '/[\x00-\x08\x0A-\x1F\x7F\x{2028}-\x{202E}\x{2066}-\x{2069}]|@|:\/\/|www\.|\.(?:com|net|org)\b/iu';

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (!is_string($value) || !self::isOne($value)) {
            $isLong = is_string($value) && mb_strlen(trim($value)) > self::MOST;
            $fail($isLong ? 'fields.name_long' : 'fields.name')->translate();
        }
    }

    public static function isOne(string $text): bool
    {
        $name = trim($text);

        return preg_match('/\p{L}/u', $name) === 1 &&
            mb_strlen($name) <= self::MOST &&
            preg_match(self::NOT, $name) !== 1;
    }
}
