<?php

declare(strict_types=1);

namespace App\SignIn;

/**
 * Codes that a telephone works out from a shared secret and the time (RFC 6238, with SHA-1, six digits and thirty seconds,
 * as every program for them has it).
 */
final class Totp
{
    private const SECONDS = 30;

    private const DIGITS = 6;

    /** RFC 4648, 6. */
    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** A secret of 160 bits, as RFC 4226, 4 (R6) recommends. */
    public static function secret(): string
    {
        return random_bytes(20);
    }

    /**
     * RFC 4226, 5.3, of the step at an instant.
     *
     * @param  string  $secret  bytes
     * @param  int  $step  see stepAt()
     */
    public static function code(string $secret, int $step, int $digits = self::DIGITS, string $hash = 'sha1'): string
    {
        $digest = hash_hmac($hash, pack('J', $step), $secret, true);
        $offset = ord($digest[strlen($digest) - 1]) & 0x0f;
        $number = (int) hexdec(bin2hex(substr($digest, $offset, 4))) & 0x7fffffff;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    public static function stepAt(int $instant): int
    {
        return intdiv($instant, self::SECONDS);
    }

    /**
     * Which step a typed code is of: this one, the one before or the one after, for clocks go a little wrong (RFC 6238, 5.2).
     *
     * @param  int  $after  a step that was used already, and all before it, count no more
     * @return int|null  null when it is none of them
     */
    public static function stepOf(string $secret, string $typed, int $now, int $after): ?int
    {
        $code = (string) preg_replace('/\D/', '', $typed);
        $found = null;
        foreach ([-1, 0, 1] as $drift) {
            $step = self::stepAt($now) + $drift;
            if (hash_equals(self::code($secret, $step), $code) && $step > $after) {
                $found = $step;
            }
        }

        return $found;
    }

    /** As people type it into a program, and as its address in a QR code has it. */
    public static function base32(string $bytes): string
    {
        $bits = '';
        foreach (str_split($bytes) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return implode(
            '',
            array_map(
                static fn(string $five): string => self::BASE32[(int) bindec(str_pad($five, 5, '0'))],
                str_split($bits, 5),
            ),
        );
    }

    /** What a program on a telephone reads out of a QR code: otpauth, as all of them write it (common practice, no published standard). */
    public static function address(string $secret, string $school, string $email): string
    {
        return 'otpauth://totp/' .
            rawurlencode("$school:$email") .
            '?' .
            http_build_query(['secret' => self::base32($secret), 'issuer' => $school], '', '&', PHP_QUERY_RFC3986);
    }
}
