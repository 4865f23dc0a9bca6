<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use App\Models\School;
use App\Passes\ConfirmAddress;
use App\Passes\MendHolder;
use App\Passes\MendStudent;
use App\Passes\OtherPages;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Who the visitor is, as their pass knows it: what was mistyped can be mended, and an address answers. */
final class HolderController
{
    public function mend(Pass $pass, Request $request, MendHolder $mend): JsonResponse
    {
        $country = School::here($pass)->country;
        $request->validate([
            'name' => ['required', 'string', new PersonName()],
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($country)],
            'email' => ['nullable', 'string', new MailAddress()],
        ]);
        $phone = $request->string('phone')->trim()->toString();
        $mend(
            $pass,
            $request->string('name')->trim()->toString(),
            $phone === '' ? '' : PhoneNumber::written($phone, $country),
            MailAddress::of($request->input('email')),
            Reading::now()->kept(),
        );

        return new JsonResponse(PassData::of($pass->refresh(), Clock::now()));
    }

    public function student(Pass $pass, Request $request, MendStudent $mend): JsonResponse
    {
        $request->validate([
            'was' => ['required', 'string', 'max:200'],
            'name' => ['required', 'string', new PersonName()],
        ]);
        $mend($pass, $request->string('was')->toString(), $request->string('name')->trim()->toString(), Clock::now());

        return new JsonResponse(PassData::of($pass->refresh(), Clock::now()));
    }

    /** A look changes nothing: programs that look through mail open its links too. */
    public function addressPage(Pass $pass, string $key): Response
    {
        $email = ConfirmAddress::addressOf($pass, $key) ?? abort(404);
        // On the pass itself, and answered already: there is nothing to press.
        $done = $pass->reach === null && $pass->email === $email && $pass->confirmed_at !== null;

        return $this->address($pass, $email, $done ? null : "/p/{$pass->token()}/address/$key");
    }

    public function confirmAddress(Pass $pass, string $key, ConfirmAddress $confirm): Response
    {
        $email = ConfirmAddress::addressOf($pass, $key) ?? abort(404);
        $confirm($pass, $email, Clock::now());

        // Its mailbox has answered: from here on it is all of it.
        return $this->address($pass->refresh()->within(null), $email, null);
    }

    private function address(Pass $pass, string $email, ?string $press): Response
    {
        $words =
            $press === null
                ? ['heading' => Words::say('booking.address_done', ['email' => $email]), 'more' => '']
                : ($pass->confirmed_at !== null && $pass->email === $email
                    ? // It has answered before: it is the way back to everything.
                    [
                        'heading' => Words::say('booking.open_everything'),
                        'more' => Words::say('booking.open_everything_more'),
                        'say' => Words::say('booking.open_everything_press'),
                    ]
                    : [
                        'heading' => Words::say('booking.address_asked', ['email' => $email]),
                        'more' => Words::say('booking.address_asked_more'),
                        'say' => Words::say('booking.address_press'),
                    ]);

        return new Response(
            view(
                'plain.address',
                $words + [
                    'pass' => $pass,
                    'press' => $press,
                    'together' => $press === null ? app(OtherPages::class)->of($pass) : null,
                    'school' => School::here($pass)->name,
                ],
            )->render(),
            200,
            ['Cache-Control' => 'no-store, private'],
        );
    }
}
