<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Validation\ValidationRule;
use libphonenumber\NumberParseException;
use libphonenumber\PhoneNumber as Parsed;
use libphonenumber\PhoneNumberFormat;
use libphonenumber\PhoneNumberUtil;

/** A phone number that can exist, of the school's country unless it says another (ITU-T E.164). */
final readonly class PhoneNumber implements ValidationRule
{
    public function __construct(private string $country) {}

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (!is_string($value) || !self::isOne($value, $this->country)) {
            $fail('This does not look like a phone number. A number of another country begins with + and its code.');
        }
    }

    /** Possible rather than valid: ranges kept free, new ones and extensions are not the visitor's fault. */
    public static function isOne(string $typed, string $country): bool
    {
        $number = self::parsed($typed, $country);

        return $number !== null && PhoneNumberUtil::getInstance()->isPossibleNumber($number);
    }

    /** As people of the school's country write it: in their own way for their own, +44 20 … for others. */
    public static function written(string $typed, string $country): string
    {
        $number = self::parsed($typed, $country);

        return $number === null
            ? trim($typed)
            : PhoneNumberUtil::getInstance()->format($number, PhoneNumberFormat::INTERNATIONAL);
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
