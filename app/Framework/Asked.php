<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\Request;
use Recess\Time\LocalDate;
use Recess\Time\TimeNotValid;

/** What a look asks for by the way, such as the first day to draw. What cannot be understood is as if it were not asked. */
final class Asked
{
    /** One word of the request; empty when it is none. */
    public static function word(Request $request, string $name, int $most = 120): string
    {
        $word = $request->input($name);

        return is_string($word) ? mb_substr($word, 0, $most) : '';
    }

    /** A whole number that is not below nought; nought when it is none. */
    public static function number(Request $request, string $name): int
    {
        $word = self::word($request, $name, 6);

        return ctype_digit($word) ? (int) $word : 0;
    }

    public static function date(Request $request, string $name): ?LocalDate
    {
        try {
            $word = self::word($request, $name);

            return $word === '' ? null : LocalDate::parse($word);
        } catch (TimeNotValid) {
            return null;
        }
    }
}
