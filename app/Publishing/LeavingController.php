<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Accounts\NotNow;
use App\Accounts\SheetsLent;
use App\Accounts\StaffList;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Lending;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Validation\Rule;

/** Somebody leaves, or is away and a colleague looks after their sheets. */
final class LeavingController
{
    /** What it would do; nothing is done. */
    public function effect(#[CurrentUser] StaffMember $reader, StaffMember $person): JsonResponse
    {
        $now = Clock::now();
        $zone = $reader->school->timeZone();
        $meetings = LetLeave::meetings($person, $now);

        return new JsonResponse([
            'sheets' => array_values(
                Sheet::query()
                    ->where('staff_id', $person->id)
                    ->whereNull('put_away_at')
                    ->where('state', '!=', SheetState::Closed)
                    ->orderBy('title')
                    ->pluck('title')
                    ->all(),
            ),
            'meetings' => array_map(
                static fn(Booking $one): string => Words::say('accounts.meeting', [
                    'when' => Spell::moment($one->span()->start, $zone),
                    'who' => $one->student ?: $one->pass->name,
                ]),
                array_slice($meetings, 0, 100),
            ),
            'count' => count($meetings),
        ]);
    }

    public function leave(
        #[CurrentUser] StaffMember $reader,
        StaffMember $person,
        Request $request,
        LetLeave $leave,
    ): JsonResponse {
        $request->validate([
            'to' => ['nullable', 'integer', $this->colleague($reader, $person)],
            'word' => ['present', 'nullable', 'string', 'max:1000'],
        ]);
        if ($person->id === $reader->id) {
            throw new NotNow(Words::say('accounts.leave_yourself'));
        }
        $to = $request->filled('to') ? StaffMember::query()->findOrFail($request->integer('to')) : null;
        LogBook::note('left', $person, ['about' => $person->name]);
        $done = $leave($person, $to, $request->string('word')->trim()->toString(), Clock::now());

        return new JsonResponse([
            'said' => Words::say(
                'accounts.left_said',
                ['name' => $person->name, 'to' => $to->name ?? 'nobody'] + $done,
            ),
            'list' => StaffList::of($reader, Clock::now()),
        ]);
    }

    /** A colleague looks after all of somebody's sheets until a day is over. */
    public function lend(#[CurrentUser] StaffMember $reader, StaffMember $person, Request $request): JsonResponse
    {
        $request->validate([
            'to' => ['required', 'integer', $this->colleague($reader, $person)],
            'until' => [
                'required',
                'date_format:Y-m-d',
                'after_or_equal:' . $reader->school->timeZone()->dateAt(Clock::now()),
            ],
        ]);
        $zone = $reader->school->timeZone();
        $until = $zone->instant(\Recess\Time\LocalDate::parse($request->string('until')->toString())->plusDays(1), 0);
        $to = StaffMember::query()->findOrFail($request->integer('to'));
        $changed = Lending::query()->upsert(
            [['of_id' => $person->id, 'to_id' => $to->id, 'until' => Instant::column($until)]],
            ['of_id', 'to_id'],
            ['until'],
        );
        LogBook::note('lent', $person, ['about' => $person->name, 'to' => $to->name]);
        // Pressed again with the same day it says nothing new.
        $changed === 0 || Event::dispatch(new SheetsLent($person, $to, $until, $reader));

        return new JsonResponse(StaffList::of($reader, Clock::now()));
    }

    public function takeBack(#[CurrentUser] StaffMember $reader, StaffMember $person): JsonResponse
    {
        $lent = Lending::query()->where('of_id', $person->id)->with('to')->get();
        foreach ($lent as $one) {
            $one->delete();
            if ($one->until->getTimestamp() > Clock::now()) {
                Event::dispatch(new SheetsLent($person, $one->to, null, $reader));
            }
        }

        return new JsonResponse(StaffList::of($reader, Clock::now()));
    }

    private function colleague(StaffMember $reader, StaffMember $person): \Illuminate\Validation\Rules\Exists
    {
        return Rule::exists('staff', 'id')
            ->where('school_id', $reader->school_id)
            ->whereNull('left_at')
            ->whereNot('id', $person->id);
    }
}
