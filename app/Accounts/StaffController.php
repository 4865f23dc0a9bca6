<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The office's page of who works here. */
final class StaffController
{
    public function page(#[CurrentUser] StaffMember $reader): View
    {
        return Page::staff('People', Words::say('accounts.people'), [
            'host' => $reader->name,
            'list' => StaffList::of($reader, Clock::now()),
        ]);
    }

    public function invite(
        #[CurrentUser] StaffMember $reader,
        InviteRequest $request,
        InviteStaff $invite,
    ): JsonResponse {
        try {
            $staff = $invite($reader, $request->person(), Clock::now());
            LogBook::note('invited', $staff, ['about' => $staff->name, 'role' => $staff->role()]);
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages(['email' => Words::say('accounts.known')]);
        }

        return new JsonResponse(StaffList::of($reader, Clock::now()), 201);
    }

    public function again(#[CurrentUser] StaffMember $reader, StaffMember $person, InviteStaff $invite): JsonResponse
    {
        if ($person->left_at !== null) {
            // Somebody comes back: as new, with the name that stands on what was.
            $person->forceFill(['left_at' => null, 'came_at' => null])->save();
        }
        $this->onlyInvited($person);
        $invite->again($reader, $person, Clock::now());

        return new JsonResponse(StaffList::of($reader, Clock::now()));
    }

    public function takeBack(
        #[CurrentUser] StaffMember $reader,
        StaffMember $person,
        TakeInvitationBack $take,
    ): JsonResponse {
        $this->onlyInvited($person);
        $take($person);
        LogBook::note('uninvited', null, ['about' => $person->name]);

        return new JsonResponse(StaffList::of($reader, Clock::now()));
    }

    public function change(
        #[CurrentUser] StaffMember $reader,
        StaffMember $person,
        Request $request,
        ChangeRole $change,
    ): JsonResponse {
        $request->validate(['role' => ['required', 'string', Rule::in(['staff', 'office', 'reader'])]]);
        $change($person, $request->string('role')->toString());
        LogBook::note('role', $person, ['about' => $person->name, 'role' => $request->string('role')->toString()]);

        return new JsonResponse(StaffList::of($reader, Clock::now()));
    }

    /** Whoever has come has an account of their own; another letter would set its password. */
    private function onlyInvited(StaffMember $person): void
    {
        if ($person->came_at !== null) {
            throw new NotNow(Words::say('accounts.has_come', ['name' => $person->name]));
        }
    }
}
