<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;
use App\Accounts\KeyPurpose;
use App\Accounts\KeySpent;
use App\Accounts\LookForAccount;
use App\Accounts\SetPassword;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\StaffMember;
use App\School\NewPassword;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** A password of one's own: the first, another, and one for the forgotten. */
final class PasswordController
{
    /** Looking at a letter's address uses nothing up: programs that read mail look too. */
    public function page(string $token): Response
    {
        $key = AccountKey::open($token, Clock::now());

        return Page::opened(
            $key !== null,
            Page::staff(
                'Join',
                Words::say($key === null ? 'accounts.key_spent_title' : "accounts.title_{$key->purpose->value}"),
                [
                    'token' => $token,
                    'person' =>
                        $key === null
                            ? null
                            : [
                                'name' => $key->staff->name,
                                'email' => $key->staff->email,
                                'school' => $key->staff->school->name,
                            ],
                    'said' =>
                        $key === null
                            ? Words::say('accounts.key_spent')
                            : Words::say("accounts.page_{$key->purpose->value}", [
                                'school' => $key->staff->school->name,
                            ]),
                    'least' => NewPassword::least($key?->staff),
                ],
            ),
        );
    }

    public function first(Request $request, string $token, SetPassword $set): JsonResponse
    {
        $now = Clock::now();
        $key = AccountKey::open($token, $now) ?? throw new KeySpent();
        $request->validate(['password' => ['bail', 'required', 'string', new NewPassword($key->staff)]]);
        $staff = $set->withKey($key, $request->string('password')->toString(), $now);
        // Whoever was signed in on this computer is not any more: it is this person's now.
        $request->session()->invalidate();

        return new JsonResponse(['to' => Entrance::after($request, $staff, false, 'first')]);
    }

    public function forgottenPage(): View
    {
        return Page::staff('Forgotten', Words::say('accounts.forgotten_title'), []);
    }

    public function forgotten(Request $request): JsonResponse
    {
        $request->validate(['email' => ['bail', 'required', 'string', new MailAddress()]]);
        dispatch(new LookForAccount((string) MailAddress::of($request->input('email'))));

        return new JsonResponse(
            [
                'said' => Words::say('accounts.forgotten_said', [
                    'hours' => intdiv(KeyPurpose::Password->seconds(), 3600),
                ]),
            ],
            202,
        );
    }

    public function change(#[CurrentUser] StaffMember $staff, Request $request, SetPassword $set): JsonResponse
    {
        $request->validate([
            'current' => ['bail', 'required', 'string', 'max:200'],
            'password' => ['bail', 'required', 'string', new NewPassword($staff)],
        ]);
        if (!Hash::check($request->string('current')->toString(), $staff->password)) {
            throw ValidationException::withMessages(['current' => Words::say('accounts.current_wrong')]);
        }
        $set($staff, $request->string('password')->toString());
        $request->session()->regenerate();

        return new JsonResponse(['said' => Words::say('accounts.changed')]);
    }
}
