<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Validation\ValidationRule;

/**
 * An e-mail address as people type one, and the one form in which it is kept and compared.
 *
 * RFC 5321, 4.1.2 and 6531, 3.3: a dot-string before the @, in any script, and a host name after it. What else the RFCs
 * allow (quoted strings, comments, folds, addresses in brackets) nobody types, and it has been used to write to others.
 * Kept with its host name in ASCII and small letters (RFC 5890), and what stands before the @ exactly as it was typed:
 * only its own server knows whether "Ama" is "ama".
 */
final class MailAddress implements ValidationRule
{
    public const MOST = 190;

    private const LOCAL = '/^[^\s\p{C}"(),:;<>@\[\\\\\].]+(?:\.[^\s\p{C}"(),:;<>@\[\\\\\].]+)*$/uD';

    private const HOST = '/^(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z](?:[a-z0-9-]{0,61}[a-z0-9])$/D';

    /** Its kept form; null when it is none. */
    public static function of(mixed $typed): ?string
    {
        if (!is_string($typed) || strlen($typed) > 2 * self::MOST || !mb_check_encoding($typed, 'UTF-8')) {
            return null;
        }
        // As a keyboard of full-width letters has it.
        $typed = str_replace("\u{FF20}", '@', trim($typed));
        $at = strrpos($typed, '@');
        if ($at === false || $at === 0 || $at > 64 || preg_match(self::LOCAL, substr($typed, 0, $at)) !== 1) {
            return null;
        }
        $host = idn_to_ascii(
            mb_strtolower(substr($typed, $at + 1)),
            IDNA_NONTRANSITIONAL_TO_ASCII,
            INTL_IDNA_VARIANT_UTS46,
        );
        $address = substr($typed, 0, $at) . '@' . $host;

        return $host === false || preg_match(self::HOST, $host) !== 1 || strlen($address) > self::MOST
            ? null
            : $address;
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (self::of($value) === null) {
            $fail('fields.mail')->translate();
        }
    }
}
