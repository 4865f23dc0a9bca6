<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Clock;
use App\Framework\Limits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** E-mail and password of a staff member; five wrong tries a minute, then a wait. */
final class SignInRequest extends FormRequest
{
    private const TRIES = 5;

    private const SECONDS = 60;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190', 'email'],
            'password' => ['required', 'string', 'max:200'],
            'remember' => ['boolean'],
        ];
    }

    /** @throws ValidationException when they do not match, or too many tries were made */
    public function signIn(): void
    {
        $key = 'sign-in|'.Str::lower($this->string('email')->toString()).'|'.$this->ip();
        $now = Clock::now();
        if (Limits::isReached($key, self::TRIES, self::SECONDS, $now)) {
            throw ValidationException::withMessages(['email' => 'That was tried too often. Wait a minute and try again.']);
        }
        if (! Auth::attempt($this->only('email', 'password'), $this->boolean('remember'))) {
            Limits::exactly($key, self::SECONDS, $now);
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together. Check both; the office can set a new password.']);
        }
        Limits::forget($key, self::SECONDS, $now);
        $this->session()->regenerate();
    }
}
