<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\Guard;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\StaffMember;
use App\Passkeys\Assertion;
use App\Passkeys\CoseKey;
use App\Passkeys\Passkey;
use App\Passkeys\PasskeyRefused;
use App\Passkeys\RelyingParty;
use Firebase\JWT\JWT;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;

/** What a machine answers when somebody shows their passkey (AuthenticatorAssertionResponse), in base64url. */
final class ShownPasskey extends FormRequest
{
    public const BASE64URL = 'regex:/^[A-Za-z0-9_-]+$/D';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'max:1400', self::BASE64URL],
            'client' => ['required', 'string', 'max:4000', self::BASE64URL],
            'data' => ['required', 'string', 'max:4000', self::BASE64URL],
            'signature' => ['required', 'string', 'max:1400', self::BASE64URL],
            'handle' => ['nullable', 'string', 'max:200', self::BASE64URL],
            'remember' => ['boolean'],
        ];
    }

    /**
     * Whose it is.
     *
     * @param  StaffMember|null  $only  somebody who is known already: another's is none here
     *
     * @throws ValidationException when it opens nothing, with what to do
     */
    public function person(?StaffMember $only = null): StaffMember
    {
        $challenge = Question::asked($this, 'show');
        $site = RelyingParty::here($this) ?? throw self::refused('signin.passkey_refused');

        $refusal = null;
        $hash = Passkey::hash($this->string('id')->toString());
        // Of a key that is nobody's there is nothing to guard.
        $known = Passkey::query()->where('credential_hash', $hash)->value('staff_id');
        $staff = Contended::transaction(function () use (
            $challenge,
            $site,
            $only,
            $hash,
            $known,
            &$refusal,
        ): ?StaffMember {
            $known === null || Guard::account((int) $known);
            $passkey = $known === null ? null : Passkey::query()->where('credential_hash', $hash)->first();
            $staff =
                $passkey === null
                    ? null
                    : StaffMember::query()->whereKey($passkey->staff_id)->whereNull('left_at')->first();
            if (
                $passkey === null ||
                $staff === null ||
                ($only !== null && !$only->is($staff)) ||
                !$this->isTheirs($staff)
            ) {
                return null;
            }
            try {
                $counter = $site->asserted(
                    $challenge,
                    new Assertion($this->bytes('client'), $this->bytes('data'), $this->bytes('signature')),
                    CoseKey::kept($passkey->public_key),
                    $passkey->counter,
                );
            } catch (PasskeyRefused $refused) {
                $refusal = $refused;
                LogBook::note('not_in', $staff, ['about' => $staff->name, 'what' => 'passkey']);

                return null;
            }
            $passkey->forceFill(['counter' => $counter, 'used_at' => Instant::column(Clock::now())])->save();

            return $staff;
        });
        if ($refusal !== null) {
            Log::warning('A passkey was refused: ' . $refusal->getMessage());
        }

        return $staff ?? throw self::refused($refusal === null ? 'signin.passkey_unknown' : 'signin.passkey_refused');
    }

    /** A machine that says whose key it is says it rightly (WebAuthn Level 2, 7.2, step 6). */
    private function isTheirs(StaffMember $staff): bool
    {
        return !$this->filled('handle') || Passkey::isHandleOf($staff, $this->bytes('handle'));
    }

    private function bytes(string $field): string
    {
        return JWT::urlsafeB64Decode($this->string($field)->toString());
    }

    private static function refused(string $why): ValidationException
    {
        return ValidationException::withMessages(['passkey' => Words::say($why)]);
    }
}
