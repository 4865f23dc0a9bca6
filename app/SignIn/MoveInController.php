<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;
use App\Accounts\KeySpent;
use App\Accounts\MoveIn;
use App\Accounts\MoveInRequest;
use App\Accounts\TriesMail;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\MailAddress;
use App\School\NewPassword;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** An empty server becomes a school's: one page, whose address opens once. */
final class MoveInController
{
    public function page(string $token): Response
    {
        $open = AccountKey::openServer($token, Clock::now()) !== null;

        return Page::opened(
            $open,
            Page::staff('MoveIn', Words::say($open ? 'accounts.move_in' : 'accounts.key_spent_title'), [
                'token' => $token,
                'open' => $open,
                'least' => NewPassword::least(),
                'from' => config('mail.from.address'),
                'zones' => Zones::all(),
            ]),
        );
    }

    /** A letter at once, before anything is decided. */
    public function letter(Request $request, string $token, TriesMail $mail): JsonResponse
    {
        AccountKey::openServer($token, Clock::now()) ?? throw new KeySpent();
        $request->validate(['email' => ['bail', 'required', 'string', new MailAddress()]]);
        $email = (string) MailAddress::of($request->input('email'));
        $against = $mail->to($email);
        if ($against !== null) {
            throw ValidationException::withMessages([
                'email' => Words::say('accounts.test_failed', ['why' => $against]),
            ]);
        }

        return new JsonResponse(['said' => Words::say('accounts.test_sent', ['email' => $email])]);
    }

    public function moveIn(MoveInRequest $request, string $token, MoveIn $moveIn): JsonResponse
    {
        $now = Clock::now();
        $key = AccountKey::openServer($token, $now) ?? throw new KeySpent();
        $first = $moveIn->withKey(
            $key,
            [
                'name' => $request->string('school')->trim()->toString(),
                'zone' => $request->string('zone')->toString(),
                'country' => $request->string('country')->upper()->toString(),
            ],
            [
                'name' => $request->string('name')->trim()->toString(),
                'email' => (string) MailAddress::of($request->input('email')),
            ],
            $request->string('password')->toString(),
            $now,
        );
        $request->session()->invalidate();
        Entrance::in($request, $first);

        return new JsonResponse(['to' => '/staff/people']);
    }
}
