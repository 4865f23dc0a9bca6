<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Words;
use Firebase\JWT\JWT;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What a machine signs or makes a key over: at random, of this session, once, for five minutes (WebAuthn Level 2, 13.4.3). */
final class Question
{
    private const SECONDS = 300;

    /** @param  string  $what  make or show: an answer to the one is none to the other */
    public static function ask(Request $request, string $what): string
    {
        $challenge = JWT::urlsafeB64Encode(random_bytes(32));
        $request->session()->put("passkey_$what", ['challenge' => $challenge, 'at' => Clock::now()]);

        return $challenge;
    }

    /**
     * The bytes that were asked with; they are asked with no more.
     *
     * @throws ValidationException when that was too long ago, or never
     */
    public static function asked(Request $request, string $what): string
    {
        $asked = $request->session()->pull("passkey_$what");
        if (!is_array($asked) || Clock::now() - (int) $asked['at'] >= self::SECONDS) {
            throw ValidationException::withMessages(['passkey' => Words::say('signin.passkey_late')]);
        }

        return JWT::urlsafeB64Decode((string) $asked['challenge']);
    }
}
