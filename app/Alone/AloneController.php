<?php

declare(strict_types=1);

namespace App\Alone;

use App\Accounts\KeySpent;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\PersonName;
use App\Models\StaffMember;
use App\School\NewPassword;
use App\SignIn\Entrance;
use App\SignIn\Zones;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A tutor begins alone: an address that answers first, and then all of it on one page. */
final class AloneController
{
    public function page(): View
    {
        return Page::staff('Alone', Words::say('alone.title'), [
            'token' => null,
            'person' => null,
            'least' => NewPassword::least(),
            'zones' => [],
        ]);
    }

    /** The same answer whether or not there is an account already; the letter tells its reader. */
    public function ask(Request $request): JsonResponse
    {
        $request->validate([
            'name' => ['bail', 'required', 'string', new PersonName()],
            'email' => ['bail', 'required', 'string', new MailAddress()],
        ]);
        $email = (string) MailAddress::of($request->input('email'));
        $name = $request->string('name')->trim()->toString();
        $known = StaffMember::query()->where('email', $email)->exists();
        event(new BeginningAsked($name, $email, $known ? null : Sealed::of($name, $email, Clock::now())));

        return new JsonResponse(['said' => Words::say('alone.asked')], 202);
    }

    public function beginPage(string $token): Response
    {
        $sealed = Sealed::open($token, Clock::now());

        return Page::opened(
            $sealed !== null,
            Page::staff('Alone', Words::say($sealed === null ? 'accounts.key_spent_title' : 'alone.title'), [
                'token' => $token,
                'person' => $sealed === null ? null : ['name' => $sealed->name, 'email' => $sealed->email],
                'least' => NewPassword::least(),
                'zones' => Zones::all(),
            ]),
        );
    }

    public function begin(AloneRequest $request, string $token, BeginAlone $begin): JsonResponse
    {
        $now = Clock::now();
        $sealed = Sealed::open($token, $now) ?? throw new KeySpent();
        try {
            $sheet = $begin($sealed, $request->said(), $now);
        } catch (UniqueConstraintViolationException) {
            // Pressed twice, or in two windows: one has begun.
            throw new KeySpent();
        }
        $request->session()->invalidate();
        Entrance::in($request, $sheet->host);

        return new JsonResponse(['to' => "/staff/sheets/$sheet->id"]);
    }
}
