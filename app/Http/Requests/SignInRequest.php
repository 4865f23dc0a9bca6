<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** E-mail and password of a staff member; five wrong tries a minute, then a wait. */
final class SignInRequest extends FormRequest
{
    private const TRIES = 5;

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
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(['email' => sprintf(
                'That was tried too often. Wait %d seconds and try again.', RateLimiter::availableIn($key),
            )]);
        }
        if (! Auth::attempt($this->only('email', 'password'), $this->boolean('remember'))) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together. Check both; the office can set a new password.']);
        }
        RateLimiter::clear($key);
        $this->session()->regenerate();
    }
}
