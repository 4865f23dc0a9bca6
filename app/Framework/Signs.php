<?php

declare(strict_types=1);

namespace App\Framework;

/** Short codes that people type from paper: without letters and digits that are taken for each other (Crockford's base 32). */
final class Signs
{
    private const ALL = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    /** @param  int<1, 32>  $length  five bits each */
    public static function of(string $secret, int $length): string
    {
        $bytes = hash('sha256', $secret, true);
        $signs = '';
        for ($i = 0; $i < $length; $i++) {
            $signs .= self::ALL[ord($bytes[$i]) % 32];
        }

        return $signs;
    }

    /** As typed: O and I are read as 0 and 1, and what stands between does not matter. */
    public static function read(string $typed): string
    {
        return strtr((string) preg_replace('/[^A-Z0-9]/', '', strtoupper($typed)), [
            'O' => '0',
            'I' => '1',
            'L' => '1',
            'U' => 'V',
        ]);
    }
}
