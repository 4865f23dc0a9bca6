<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Words;
use App\Passkeys\NewKey;
use App\Passkeys\PasskeyRefused;
use App\Passkeys\RelyingParty;
use Firebase\JWT\JWT;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;

/** What a machine answers when it has made a key (AuthenticatorAttestationResponse), in base64url; and what its owner calls it. */
final class MadePasskey extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'client' => ['required', 'string', 'max:4000', ShownPasskey::BASE64URL],
            'attestation' => ['required', 'string', 'max:12000', ShownPasskey::BASE64URL],
            'name' => ['nullable', 'string', 'max:120', 'not_regex:/[\r\n]/'],
        ];
    }

    /** @throws ValidationException when it is not one, with what to do */
    public function key(): NewKey
    {
        $challenge = Question::asked($this, 'make');
        try {
            $site = RelyingParty::here($this) ?? throw PasskeyRefused::because('at an address without a name');

            return $site->registered(
                $challenge,
                JWT::urlsafeB64Decode($this->string('client')->toString()),
                JWT::urlsafeB64Decode($this->string('attestation')->toString()),
            );
        } catch (PasskeyRefused $refused) {
            Log::warning('A passkey was refused: ' . $refused->getMessage());
            throw ValidationException::withMessages(['passkey' => Words::say('signin.passkey_not_made')]);
        }
    }
}
