<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\StaffMember;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Timebox;

/** E-mail and password of a staff member. */
final class SignInRequest extends FormRequest
{
    /** Microseconds. */
    private const AS_LONG = 300_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', new MailAddress()],
            'password' => ['required', 'string', 'max:200'],
            'remember' => ['boolean'],
        ];
    }

    /** @throws \Illuminate\Validation\ValidationException when they do not match, or too many tries were made */
    public function person(): StaffMember
    {
        $email = (string) MailAddress::of($this->input('email'));
        $whose = StaffMember::query()->where('email', $email)->first();
        $known = KnownBrowser::of($this, $whose);
        $tries = new Tries(
            "sign-in|$email" . ($known === null ? '' : "|$known"),
            Limited::network($this),
            'email',
            Clock::now(),
            whose: $whose,
        );
        $tries->mayTry();
        $given = ['email' => $email, 'password' => $this->string('password')->toString()];
        $provider = new EloquentUserProvider(app(Hasher::class), StaffMember::class);
        // For an address that nobody has it takes as long: what is not said, the time does not tell either.
        $staff = (new Timebox())->call(static function (Timebox $box) use ($provider, $given): ?StaffMember {
            $staff = $provider->retrieveByCredentials($given);
            $right =
                $staff instanceof StaffMember &&
                $staff->left_at === null &&
                $provider->validateCredentials($staff, $given);
            if ($right) {
                $box->returnEarly();
            }

            return $right ? $staff : null;
        }, self::AS_LONG);
        if ($staff === null) {
            $tries->wrong(Words::say('signin.wrong'));
        }
        $tries->right();
        $provider->rehashPasswordIfRequired($staff, $given);

        return $staff;
    }
}
