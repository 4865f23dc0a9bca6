<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;
use App\Accounts\KeySpent;
use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\School;
use App\Models\StaffMember;
use App\Passkeys\RelyingParty;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;

/** Signing in and out. */
final class SessionController
{
    public function page(Request $request): View
    {
        return Page::staff('SignIn', Words::say('signin.in_title'), [
            'demo' => config('recess.demo') === true ? config('recess.demo_sign_in') : null,
            'by_letter' => School::query()->where('mail_sign_in', true)->exists(),
            'elsewhere' => OidcSettings::known()?->name,
            'passkeys' => RelyingParty::here($request) !== null,
            'tutors' => config('recess.tutors') === true,
        ]);
    }

    public function store(SignInRequest $request): JsonResponse
    {
        return new JsonResponse([
            'to' => Entrance::after($request, $request->person(), $request->boolean('remember'), 'password'),
        ]);
    }

    public function secondPage(Request $request): View|RedirectResponse
    {
        $staff = Entrance::asked($request);

        return $staff === null
            ? new RedirectResponse('/staff/sign-in')
            : Page::staff('SecondFactor', Words::say('signin.second_title'), [
                'name' => $staff->name,
                'telephone' => $staff->totp_at !== null,
                'passkey' => RelyingParty::canAsk($request, $staff),
            ]);
    }

    public function second(Request $request, SecondFactor $factor): JsonResponse
    {
        $staff = Entrance::asked($request);
        if ($staff === null) {
            throw new KeySpent(Words::say('signin.begin_anew'));
        }
        $request->validate(['code' => ['required', 'string', 'max:40']]);
        $now = Clock::now();
        $known = KnownBrowser::of($request, $staff);
        $tries = new Tries(
            "second|$staff->id" . ($known === null ? '' : "|$known"),
            Limited::network($request),
            'code',
            $now,
            20,
            $staff,
        );
        $tries->mayTry();
        if (!$factor->opens($staff, $request->string('code')->toString(), $now)) {
            $tries->wrong(Words::say('signin.code_wrong'));
        }
        $tries->right();

        return new JsonResponse(['to' => Entrance::in($request, $staff)]);
    }

    /** Once more, before what cannot be undone. */
    public function prove(Request $request, SecondFactor $factor): JsonResponse
    {
        $staff = $request->user();
        assert($staff instanceof StaffMember);
        $request->validate([
            'password' => ['nullable', 'required_without:code', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'max:40'],
        ]);
        $now = Clock::now();
        $field = $request->filled('code') ? 'code' : 'password';
        $tries = new Tries("prove|$staff->id", Limited::network($request), $field, $now, 40, $staff);
        $tries->mayTry();
        $right =
            $field === 'code'
                ? $factor->opens($staff, $request->string('code')->toString(), $now)
                : Hash::check($request->string('password')->toString(), $staff->password);
        if (!$right) {
            $tries->wrong(Words::say($field === 'code' ? 'signin.code_wrong' : 'accounts.current_wrong'));
        }
        $tries->right();
        Proof::shown($request, factor: $field === 'code');

        return new JsonResponse(['ok' => true]);
    }

    /** The same answer for whoever asks, and at once: who it is, is found out later. */
    public function letter(Request $request): JsonResponse
    {
        $request->validate(['email' => ['bail', 'required', 'string', new MailAddress()]]);
        dispatch(new SendSignInLetter((string) MailAddress::of($request->input('email'))));

        return new JsonResponse(['said' => Words::say('signin.letter_said')], 202);
    }

    /** Looking at a letter's address signs nobody in: programs that read mail look too. */
    public function comePage(string $token): Response
    {
        $key = AccountKey::open($token, Clock::now(), 'session');

        return Page::opened(
            $key !== null,
            Page::staff('Come', Words::say($key === null ? 'accounts.key_spent_title' : 'signin.come_title'), [
                'token' => $token,
                'name' => $key?->staff->name,
            ]),
        );
    }

    public function come(Request $request, string $token): JsonResponse
    {
        $now = Clock::now();
        $key = AccountKey::open($token, $now, 'session') ?? throw new KeySpent();
        $key->use($now);
        $request->session()->invalidate();

        return new JsonResponse(['to' => Entrance::after($request, $key->staff, false, 'letter')]);
    }

    public function destroy(Request $request): JsonResponse
    {
        $device = $request->cookie(Device::cookie());
        if (is_string($device)) {
            Device::known($device, Clock::now())?->delete();
            Cookie::queue(Cookie::forget(Device::cookie()));
        }
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(['to' => '/']);
    }
}
