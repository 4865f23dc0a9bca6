<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Validation\ValidationRule;
use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumber as Parsed;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/**
 * A phone number that can exist: of the school's country, or an international one, with + or with what is dialled in its place
 * (ITU-T E.164). What could be of another country as well is asked for once more, and is never rewritten.
 */
final readonly class PhoneNumber implements ValidationRule
{
    public function __construct(private string $country) {}

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (!is_string($value) || !self::isOne($value, $this->country)) {
            $isUnsure = is_string($value) && preg_match_all('/\d/u', $value) >= 7 && !preg_match('/\pL/u', $value);
            $fail($isUnsure ? 'fields.phone_of_which_country' : 'fields.phone')->translate();
        }
    }

    public static function isOne(string $typed, string $country): bool
    {
        return self::read($typed, $country) !== null;
    }

    /** As people of the school's country write it: in their own way for their own, +44 20 … for others. */
    public static function written(string $typed, string $country): string
    {
        $number = self::read($typed, $country);

        return $number === null
            ? trim($typed)
            : PhoneNumberUtil::getInstance()->format($number, PhoneNumberFormat::INTERNATIONAL);
    }

    /** A form is checked and then written down: what was typed is read once for both. */
    private static function read(string $typed, string $country): ?Parsed
    {
        /** @var array{string, string, Parsed|null}|null $last */
        static $last = null;
        if ($last === null || $last[0] !== $typed || $last[1] !== $country) {
            $last = [$typed, $country, self::readAnew($typed, $country)];
        }

        return $last[2];
    }

    private static function readAnew(string $typed, string $country): ?Parsed
    {
        $util = PhoneNumberUtil::getInstance();
        $typed = \Normalizer::normalize(trim($typed), \Normalizer::FORM_KC) ?: $typed;
        $isInternational = str_starts_with($typed, '+');
        $here = self::parsed($typed, $country);
        if ($here !== null && ($isInternational ? $util->isPossibleNumber($here) : $util->isValidNumber($here))) {
            return $here;
        }
        if (preg_match('/^\D{0,2}0\D{0,2}0\D{0,2}([1-9].*)$/us', $typed, $found) === 1) {
            $abroad = self::parsed('+' . $found[1], $country);

            return $abroad !== null && $util->isPossibleNumber($abroad) ? $abroad : null;
        }

        // Ranges kept free, new ones and extensions are not the visitor's fault; a nought in front is another country's way.
        return $here !== null && !$isInternational && !preg_match('/^\D*0/u', $typed) && $util->isPossibleNumber($here)
            ? $here
            : null;
    }

    private static function parsed(string $typed, string $country): ?Parsed
    {
        try {
            return PhoneNumberUtil::getInstance()->parse($typed, $country);
        } catch (NumberParseException) {
            return null;
        }
    }
}
