<?php

declare(strict_types=1);

namespace App\Alone;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** Who asked to begin alone, sealed into the address of their letter: nothing is kept of an address that never answers. */
final readonly class Sealed
{
    private const SECONDS = 86_400;

    private function __construct(public string $name, public string $email, public int $until) {}

    public static function of(string $name, string $email, int $now): self
    {
        return new self($name, $email, $now + self::SECONDS);
    }

    /** Null when it is none of ours, is over, or somebody has begun with it. */
    public static function open(string $token, int $now): ?self
    {
        try {
            $said = json_decode(Crypt::decryptString(strtr($token, '-_', '+/')), true);
        } catch (DecryptException) {
            return null;
        }
        if (!is_array($said) || ($said['for'] ?? null) !== 'alone' || (int) $said['until'] <= $now) {
            return null;
        }

        return DB::table('staff')->where('email', $said['email'])->exists()
            ? null
            : new self((string) $said['name'], (string) $said['email'], (int) $said['until']);
    }

    public function link(): string
    {
        return url(
            '/staff/alone/' .
                rtrim(
                    strtr(
                        Crypt::encryptString(
                            (string) json_encode([
                                'for' => 'alone',
                                'name' => $this->name,
                                'email' => $this->email,
                                'until' => $this->until,
                            ]),
                        ),
                        '+/',
                        '-_',
                    ),
                    '=',
                ),
        );
    }
}
