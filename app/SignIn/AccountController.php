<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\QrCode;
use App\Framework\Words;
use App\Models\Secret;
use App\Models\StaffMember;
use App\Passkeys\AnyFactor;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** How one signs in oneself: second factor, and where one is signed in. */
final class AccountController
{
    public function page(#[CurrentUser] StaffMember $staff, Request $request): View
    {
        return Page::staff('Account', Words::say('signin.title'), [
            'host' => $staff->name,
            'account' => AccountData::of($staff, $request),
        ]);
    }

    public function begin(#[CurrentUser] StaffMember $staff, SecondFactor $factor): JsonResponse
    {
        // One that counts is first switched off, by whoever shows that it is they.
        abort_if($staff->totp_at !== null, 409, Words::say('signin.second_on'));
        $secret = $factor->begin($staff);

        return new JsonResponse([
            'secret' => implode(' ', str_split(Totp::base32($secret), 4)),
            'qr' =>
                'data:image/svg+xml;base64,' .
                base64_encode(QrCode::svg(Totp::address($secret, $staff->school->name, $staff->email))),
        ]);
    }

    public function confirm(#[CurrentUser] StaffMember $staff, Request $request, SecondFactor $factor): JsonResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:40']]);
        $codes =
            $staff->totp_at !== null
                ? null
                : $factor->confirm($staff, $request->string('code')->toString(), Clock::now());
        if ($codes === null) {
            throw ValidationException::withMessages(['code' => Words::say('signin.code_wrong')]);
        }
        self::endElsewhere($staff, $request);
        event(new SecondFactorTurned($staff, on: true));

        return new JsonResponse(['codes' => $codes, 'account' => AccountData::of($staff->refresh(), $request)]);
    }

    public function codes(#[CurrentUser] StaffMember $staff, Request $request, SecondFactor $factor): JsonResponse
    {
        abort_unless(AnyFactor::of($staff), 409, Words::say('signin.second_off'));

        return new JsonResponse(['codes' => $factor->newCodes($staff), 'account' => AccountData::of($staff, $request)]);
    }

    public function off(#[CurrentUser] StaffMember $staff, Request $request, SecondFactor $factor): JsonResponse
    {
        $factor->off($staff);
        self::endElsewhere($staff, $request);
        event(new SecondFactorTurned($staff, on: false));

        return new JsonResponse(AccountData::of($staff->refresh(), $request));
    }

    /** Whoever was in by less than is asked for now, or by what does not count any more, is not in any longer. */
    public static function endElsewhere(StaffMember $staff, Request $request): void
    {
        DB::table('sessions')
            ->where('user_id', $staff->id)
            ->where('id', '!=', $request->session()->getId())
            ->delete();
        Device::query()->where('staff_id', $staff->id)->delete();
    }

    /** A session elsewhere, or a machine on which one stays signed in, ends. */
    public function end(#[CurrentUser] StaffMember $staff, Request $request): JsonResponse
    {
        $request->validate([
            'session' => ['nullable', 'string', 'max:64'],
            'device' => ['nullable', 'integer'],
            'all' => ['boolean'],
        ]);
        $here = $request->session()->getId();
        $mine = DB::table('sessions')->where('user_id', $staff->id)->where('id', '!=', $here);
        $ends = (clone $mine)
            ->pluck('id')
            ->filter(
                static fn(string $id): bool => $request->boolean('all') ||
                    hash_equals(Secret::hash($id), $request->string('session')->toString()),
            );
        DB::table('sessions')->whereIn('id', $ends)->delete();
        Device::query()
            ->where('staff_id', $staff->id)
            ->when(!$request->boolean('all'), static fn($some) => $some->whereKey($request->integer('device')))
            ->delete();

        return new JsonResponse(AccountData::of($staff, $request));
    }

    public function nameDevice(#[CurrentUser] StaffMember $staff, Request $request): JsonResponse
    {
        $request->validate([
            'device' => ['required', 'integer'],
            'name' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
        ]);
        Device::query()
            ->where('staff_id', $staff->id)
            ->whereKey($request->integer('device'))
            ->update(['name' => $request->string('name')->trim()->toString()]);

        return new JsonResponse(AccountData::of($staff, $request));
    }
}
