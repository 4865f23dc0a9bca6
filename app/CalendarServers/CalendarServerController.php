<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A staff member's own calendars on a calendar server: connected, ticked, looked at, disconnected. */
final class CalendarServerController
{
    /** Seconds that whoever presses waits; what is not done by then is done within five minutes. */
    private const WAITS = 20;

    public function page(#[CurrentUser] StaffMember $staff): View
    {
        return Page::staff('CalendarServer', Words::say('servers.title'), [
            'host' => $staff->name,
            'server' => CalendarServerData::of($staff, Clock::now()),
            'demo' => self::demo(),
        ]);
    }

    public function connect(
        #[CurrentUser] StaffMember $staff,
        CalendarServerRequest $request,
        ConnectServer $connect,
    ): JsonResponse {
        $now = Clock::now();
        try {
            $connect(
                $staff,
                $request->string('address')->trim()->toString(),
                $request->string('name')->toString(),
                $request->string('password')->toString(),
                $now,
            );
        } catch (DavFailed $failure) {
            throw ValidationException::withMessages([
                $failure->status === 401 ? 'password' : 'address' => (string) $failure->said,
            ]);
        }

        return new JsonResponse(CalendarServerData::of($staff, $now), 201);
    }

    public function tick(
        #[CurrentUser] StaffMember $staff,
        Request $request,
        TickCalendars $tick,
        KeepInStep $keep,
    ): JsonResponse {
        $request->validate([
            'busy' => ['present', 'array', 'max:100'],
            'busy.*' => ['integer'],
            'meetings' => ['present', 'nullable', 'integer'],
        ]);
        $server = self::server($staff);
        $tick(
            $server,
            array_values(array_map(intval(...), (array) $request->input('busy'))),
            $request->filled('meetings') ? $request->integer('meetings') : null,
        );
        $keep($server->refresh(), true, Clock::now(), self::WAITS);

        return new JsonResponse(CalendarServerData::of($staff, Clock::now()));
    }

    public function look(#[CurrentUser] StaffMember $staff, KeepInStep $keep): JsonResponse
    {
        $keep(self::server($staff), true, Clock::now(), self::WAITS);

        return new JsonResponse(CalendarServerData::of($staff, Clock::now()));
    }

    public function disconnect(#[CurrentUser] StaffMember $staff, DisconnectServer $disconnect): JsonResponse
    {
        $disconnect($staff);

        return new JsonResponse(CalendarServerData::of($staff, Clock::now()));
    }

    /** @return array{address: string, name: string, password: string}|null the one that stands beside the demo */
    private static function demo(): ?array
    {
        $address = config()->string('recess.demo_calendars');

        return config('recess.demo') !== true || $address === ''
            ? null
            : [
                'address' => $address,
                'name' => 'ines',
                'password' => config()->string('recess.demo_sign_in.password'),
            ];
    }

    private static function server(StaffMember $staff): CalendarServer
    {
        return CalendarServer::of($staff->id) ?? abort(404);
    }
}
