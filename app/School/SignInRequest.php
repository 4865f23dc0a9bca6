<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Limits;
use App\Models\MailAddress;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** E-mail and password of a staff member; five wrong tries a minute, then a wait. */
final class SignInRequest extends FormRequest
{
    private const TRIES = 5;

    private const SECONDS = 60;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', new MailAddress],
            'password' => ['required', 'string', 'max:200'],
            'remember' => ['boolean'],
        ];
    }

    /** @throws ValidationException when they do not match, or too many tries were made */
    public function signIn(): void
    {
        $email = (string) MailAddress::of($this->input('email'));
        $key = "sign-in|$email|".Limited::network($this);
        $now = Clock::now();
        if (Limits::isReached($key, self::TRIES, self::SECONDS, $now)) {
            throw ValidationException::withMessages(['email' => 'That was tried too often. Wait a minute and try again.']);
        }
        if (! Auth::attempt(['email' => $email, 'password' => $this->string('password')->toString()], $this->boolean('remember'))) {
            Limits::exactly($key, self::SECONDS, $now);
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together. Check both, or ask for a new password below.']);
        }
        Limits::forget($key, self::SECONDS, $now);
        $this->session()->regenerate();
        $this->session()->forget('since');
    }
}
