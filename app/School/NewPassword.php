<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Words;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A password that others do not guess: long, and not made of what everybody knows of its owner (NIST SP 800-63B, 5.1.1.2).
 * Any character counts, none is asked for.
 */
final readonly class NewPassword implements ValidationRule
{
    /** With a second factor three fewer (NIST SP 800-63B-4, 3.1.1.2, asks 15 of a password alone and 8 of one among several). */
    private const LEAST = 15;

    private const LEAST_OF_TWO = 12;

    public const MOST = 128;

    /** What the longest of the passwords that are tried first are made of: rows of keys, numbers in order, these words. */
    private const FIRST_TRIED = [
        'password',
        'passwort',
        'motdepasse',
        'letmein',
        'welcome',
        'iloveyou',
        'teacher',
        'school',
        'recess',
        'qwertyuiop',
        'qwertzuiop',
        'azertyuiop',
        'qwerty',
        'qwertz',
        'azerty',
        'asdfghjkl',
        'zxcvbnm',
        '1q2w3e4r5t',
        'q1w2e3r4',
        'abcdefghijklmnopqrstuvwxyz',
        '01234567890',
        '1234567890',
        '12345678',
        '123456',
        '9876543210',
        'admin',
        'secret',
        'monkey',
        'dragon',
        'sunshine',
        'football',
        'changeme',
    ];

    /** So many characters have to be left, and so many different ones among them, when those words are out. */
    private const OWN = 8;

    private const DIFFERENT = 5;

    public function __construct(private StaffMember $staff) {}

    public static function least(?StaffMember $staff = null): int
    {
        return AnyFactor::of($staff) ? self::LEAST_OF_TWO : self::LEAST;
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (
            !is_string($value) ||
            !mb_check_encoding($value, 'UTF-8') ||
            mb_strlen($value) < self::least($this->staff)
        ) {
            $fail(Words::say('accounts.password_short', ['least' => self::least($this->staff)]));
        } elseif (mb_strlen($value) > self::MOST) {
            $fail(Words::say('accounts.password_long', ['most' => self::MOST]));
        } elseif ($this->isGuessed($value) || self::isCommon($value)) {
            $fail(Words::say('accounts.password_guessed'));
        }
    }

    private function isGuessed(string $password): bool
    {
        $known =
            preg_split(
                '/[\s@._-]+/u',
                mb_strtolower(
                    "{$this->staff->name} {$this->staff->email} {$this->staff->subject} {$this->staff->school->name}",
                ),
                -1,
                PREG_SPLIT_NO_EMPTY,
            ) ?:
            [];
        $words = array_filter([...$known, ...self::FIRST_TRIED], static fn(string $word): bool => mb_strlen($word) > 2);
        usort($words, static fn(string $a, string $b): int => strlen($b) <=> strlen($a));
        $left = (string) preg_replace('/[\s\p{P}]+/u', '', str_replace($words, '', mb_strtolower($password)));

        return mb_strlen($left) < self::OWN ||
            count(array_unique(mb_str_split($left))) < self::DIFFERENT ||
            self::repeats($left);
    }

    /**
     * Whether it is one of the forty thousand that are tried first, or one of them with a few signs around it. The list is
     * that of the npm package @zxcvbn-ts/language-common (MIT), those of seven characters and more.
     */
    private static function isCommon(string $password): bool
    {
        $plain = mb_strtolower((string) preg_replace('/\s+/u', '', $password));
        $bare = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $plain);
        $list = "\n" . file_get_contents(__DIR__ . '/lists/common-passwords.txt');
        foreach (array_unique([$plain, $bare]) as $one) {
            if ($one !== '' && str_contains($list, "\n$one\n")) {
                return true;
            }
        }

        return false;
    }

    /** The same few characters again and again. */
    private static function repeats(string $text): bool
    {
        return preg_match('/^(.{1,5})\1+.{0,4}$/uD', $text) === 1;
    }
}
