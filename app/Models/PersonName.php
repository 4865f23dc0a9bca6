<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Validation\ValidationRule;

/** A person's name, in any script: it stands in messages to people, so it is no address of anything and has no line of its own. */
final class PersonName implements ValidationRule
{
    public const MOST = 120;

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $name = is_string($value) ? trim($value) : '';
        if (preg_match('/\p{L}/u', $name) !== 1 || mb_strlen($name) > self::MOST || preg_match('/[\p{C}<>@\/\\\\]|www\.|\.(?:com|net|org)\b/iu', $name) === 1) {
            $fail('Please write a name, without addresses or signs that no name has.');
        }
    }
}
