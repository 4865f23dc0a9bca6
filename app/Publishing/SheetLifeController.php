<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\SlotKey;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Asking;
use App\Timetables\Judge;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Recess\RecessException;
use Recess\Time\LocalDate;

/** What becomes of a sheet after it is written: published, paused, closed, copied, renamed, put away. Each can be undone. */
final class SheetLifeController
{
    public function publish(Sheet $sheet, PublishSheet $publish): JsonResponse
    {
        return $this->whole($publish($sheet, Clock::now()));
    }

    public function state(Sheet $sheet, Request $request, ChangeSheetState $change): JsonResponse
    {
        $request->validate([
            'state' => ['required', Rule::in(['open', 'paused', 'closed', 'draft'])],
            'note' => ['nullable', 'string', 'max:500'],
        ]);

        return $this->whole(
            $change(
                $sheet,
                SheetState::from($request->string('state')->toString()),
                $request->string('note')->toString(),
                Clock::now(),
            ),
        );
    }

    public function putAway(Sheet $sheet, Request $request, PutAway $putAway): JsonResponse
    {
        $request->validate(['away' => ['required', 'boolean']]);

        return $this->whole($putAway($sheet, $request->boolean('away'), Clock::now()));
    }

    public function throwAway(Sheet $sheet, ThrowAway $throwAway): JsonResponse
    {
        $throwAway($sheet);
        LogBook::note('thrown_away', null, ['about' => $sheet->title]);

        return new JsonResponse(['to' => '/staff/sheets']);
    }

    public function refuse(#[CurrentUser] StaffMember $colleague, Sheet $sheet, RefuseToBeThere $refuse): JsonResponse
    {
        $refuse($sheet, $colleague, Clock::now());

        return new JsonResponse(['to' => '/staff/sheets']);
    }

    public function copy(
        #[CurrentUser] StaffMember $host,
        Sheet $sheet,
        Request $request,
        CopySheet $copy,
    ): JsonResponse {
        $request->validate(['start' => ['required', 'date_format:Y-m-d']]);
        try {
            return $this->whole($copy($sheet, $host, LocalDate::parse($request->string('start')->toString())), 201);
        } catch (RecessException $failure) {
            throw ValidationException::withMessages(['start' => Words::why($failure)]);
        }
    }

    public function rename(Sheet $sheet, Request $request, RenameSheet $rename): JsonResponse
    {
        $request->validate(
            ['slug' => ['required', 'string', 'max:70', 'regex:/^[a-z0-9]+(?:-[a-z0-9]+)*$/D']],
            ['slug.regex' => Words::say('sheets.address_form')],
        );
        $slug = $request->string('slug')->toString();
        if (FreeSlug::taken($slug, $sheet->id)) {
            throw ValidationException::withMessages(['slug' => Words::say('sheets.address_taken')]);
        }

        return $this->whole($rename($sheet, $slug));
    }

    public function slot(Sheet $sheet, Request $request, ChangeSlot $change): JsonResponse
    {
        $request->validate([
            'slot' => ['required', 'string', SlotKey::RULE],
            'closed' => ['required', 'boolean'],
            'extra_seats' => ['required', 'integer', 'between:0,100'],
        ]);
        $start = SlotKey::instant($request->string('slot')->toString());
        $slot =
            Judge::at($start, $sheet, Clock::now(), Asking::host())->slotAt($start) ??
            throw ValidationException::withMessages(['slot' => Words::say('booking.no_such_time')]);
        $change($sheet, $slot, $request->boolean('closed'), $request->integer('extra_seats'));

        return $this->whole($sheet);
    }

    private function whole(Sheet $sheet, int $status = 200): JsonResponse
    {
        return new JsonResponse(HostSheetData::whole($sheet->refresh(), Clock::now()), $status);
    }
}
