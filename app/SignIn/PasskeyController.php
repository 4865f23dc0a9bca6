<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Words;
use App\Models\StaffMember;
use App\Passkeys\CoseKey;
use App\Passkeys\Passkey;
use App\Passkeys\RelyingParty;
use Firebase\JWT\JWT;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Signing in without a password that could be fished: a key that stays in one's machine, and shows itself to this site only. */
final class PasskeyController
{
    /** Before somebody shows theirs. Of whoever is known already the machine is told which it may be; of strangers nothing is said. */
    public function ask(Request $request): JsonResponse
    {
        $site = self::site($request);
        $staff = $request->user() ?? Entrance::asked($request);

        return new JsonResponse([
            'challenge' => Question::ask($request, 'show'),
            'site' => $site->id,
            'keys' => $staff instanceof StaffMember ? self::keys($staff) : [],
        ]);
    }

    public function signIn(ShownPasskey $request): JsonResponse
    {
        $staff = $request->person();
        $remember = $request->boolean('remember') || Entrance::remembers($request, $staff);
        $request->session()->forget('asked');

        // The machine asked who is there: that, and that the key is in it, are two factors.
        return new JsonResponse(['to' => Entrance::in($request, $staff, $remember, 'passkey', strong: true)]);
    }

    public function prove(#[CurrentUser] StaffMember $staff, ShownPasskey $request): JsonResponse
    {
        $request->person($staff);
        Proof::shown($request, factor: true);

        return new JsonResponse(['ok' => true]);
    }

    /** What the machine needs to make one (PublicKeyCredentialCreationOptions). */
    public function begin(#[CurrentUser] StaffMember $staff, Request $request): JsonResponse
    {
        $site = self::site($request);

        return new JsonResponse([
            'challenge' => Question::ask($request, 'make'),
            'site' => $site->id,
            'school' => $staff->school->name,
            'handle' => JWT::urlsafeB64Encode(Passkey::handle($staff)),
            'email' => $staff->email,
            'name' => $staff->name,
            'algorithms' => CoseKey::ALGORITHMS,
            'keys' => self::keys($staff),
        ]);
    }

    public function keep(#[CurrentUser] StaffMember $staff, MadePasskey $request, KeepPasskey $keep): JsonResponse
    {
        $codes = $keep(
            $staff,
            $request->key(),
            $request->filled('name')
                ? $request->string('name')->trim()->toString()
                : Browser::name((string) $request->userAgent()),
        );
        if ($codes !== []) {
            AccountController::endElsewhere($staff, $request);
        }

        return new JsonResponse(['codes' => $codes, 'account' => AccountData::of($staff->refresh(), $request)], 201);
    }

    public function remove(
        #[CurrentUser] StaffMember $staff,
        Passkey $passkey,
        Request $request,
        SecondFactor $factor,
    ): JsonResponse {
        $passkey->delete();
        $factor->withoutLast($staff);
        AccountController::endElsewhere($staff, $request);
        event(new SecondFactorTurned($staff, on: false, passkey: $passkey->name));

        return new JsonResponse(AccountData::of($staff->refresh(), $request));
    }

    /** @return list<string> */
    private static function keys(StaffMember $staff): array
    {
        return array_values(
            Passkey::of($staff)
                ->pluck('credential')
                ->map(static fn(mixed $one): string => is_string($one) ? $one : '')
                ->all(),
        );
    }

    private static function site(Request $request): RelyingParty
    {
        return RelyingParty::here($request) ??
            throw ValidationException::withMessages(['passkey' => Words::say('signin.passkey_no_name')]);
    }
}
