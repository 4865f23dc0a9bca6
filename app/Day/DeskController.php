<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Clock;
use App\Framework\Notices;
use App\Framework\Page;
use App\Framework\SlotKey;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Line\CallIn;
use App\Line\DayOf;
use App\Line\DeskReach;
use App\Line\EndMeeting;
use App\Line\GiveMinutes;
use App\Line\HostDay;
use App\Line\MarkHere;
use App\Line\MarkOutcome;
use App\Line\OfferTime;
use App\Line\Press;
use App\Line\ReportVideo;
use App\Line\SayLate;
use App\Line\SendAway;
use App\Line\SendWord;
use App\Line\SwapTurns;
use App\Line\TakeBreak;
use App\Line\TakeOfferBack;
use App\Line\TakeUnbooked;
use App\Line\TurnKey;
use App\Line\Unbooked;
use App\Line\UndoPress;
use App\Models\Booking;
use App\Models\Outcome;
use App\Models\PhoneNumber;
use App\Models\StaffMember;
use App\Publishing\SheetController;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The host's page on the day. */
final class DeskController
{
    /** Where staff come in: on a day with meetings the desk, on any other their sheets. */
    public function home(#[CurrentUser] StaffMember $reader, SheetController $sheets): View
    {
        $host = Desks::first($reader, DayOf::at(Clock::now(), $reader->school->timeZone()));

        return $host === null ? $sheets->index($reader) : $this->page($reader, $host);
    }

    public function page(#[CurrentUser] StaffMember $reader, StaffMember $person): View
    {
        return Page::staff('Desk', Words::say('day.desk_title', ['host' => $person->name]), [
            'host' => $reader->name,
            'desk' => $this->data($reader, $person),
            // On a day with meetings this is the first page.
            'stuck' => Notices::unseen($reader->id, 'letters'),
        ]);
    }

    public function show(#[CurrentUser] StaffMember $reader, StaffMember $person): JsonResponse
    {
        return new JsonResponse($this->data($reader, $person));
    }

    public function press(#[CurrentUser] StaffMember $reader, StaffMember $person, PressRequest $asked): JsonResponse
    {
        [$now, $revision, $who] = [Clock::now(), $asked->integer('revision'), $asked->who()];
        abort_unless(
            DeskReach::of($reader, $person)->allows($asked->string('what')->toString(), $who),
            403,
            Words::say('day.not_on_yours'),
        );
        $minutes = $asked->integer('minutes');
        $word = $asked->string('word')->trim()->toString();
        match ($asked->string('what')->toString()) {
            'call' => app(CallIn::class)($person, $revision, $asked->some(), $now),
            'end' => app(EndMeeting::class)($person, $revision, $who, $now),
            'met' => app(MarkOutcome::class)($person, $revision, $who, Outcome::Met, $now),
            'missed' => app(MarkOutcome::class)($person, $revision, $who, Outcome::Missed, $now),
            'unmark' => app(MarkOutcome::class)($person, $revision, $who, null, $now),
            'more' => app(GiveMinutes::class)($person, $revision, $who, $minutes, $now),
            'break' => app(TakeBreak::class)($person, $revision, $minutes, $now),
            'late' => app(SayLate::class)($person, $revision, $minutes, $now),
            'swap' => app(SwapTurns::class)(
                $person,
                $revision,
                self::booked($who[0], $person),
                self::booked($who[1], $person),
                $now,
            ),
            'away' => app(SendAway::class)($person, $revision, $who, $word, $now),
            'word' => app(SendWord::class)($person, $revision, $who, $word, $now),
            'here' => app(MarkHere::class)($person, $revision, $who, $now),
            'video' => app(ReportVideo::class)(self::booked($who[0], $person), $asked->boolean('fails'), $now),
            default => app(TakeUnbooked::class)(
                $person,
                $revision,
                new Unbooked(
                    $asked->string('name')->trim()->toString(),
                    $asked->string('student')->trim()->toString(),
                    $asked->filled('phone')
                        ? PhoneNumber::written($asked->string('phone')->toString(), $person->school->country)
                        : '',
                    $minutes,
                ),
                $now,
            ),
        };

        return $this->show($reader, $person);
    }

    public function undo(
        #[CurrentUser] StaffMember $reader,
        StaffMember $person,
        Request $request,
        UndoPress $undo,
    ): JsonResponse {
        $request->validate(['revision' => ['required', 'integer', 'min:0'], 'key' => ['required', 'uuid']]);
        $last = Undoable::last(
            Press::about($person, DayOf::at(Clock::now(), $person->school->timeZone())),
            Clock::now(),
        );
        abort_unless(
            $last === null || DeskReach::of($reader, $person)->holdsAll(UndoPress::whose($last)),
            403,
            Words::say('day.not_on_yours'),
        );
        $undo($person, $request->integer('revision'), $request->string('key')->toString(), Clock::now());

        return $this->show($reader, $person);
    }

    public function note(
        #[CurrentUser] StaffMember $reader,
        Booking $booking,
        Request $request,
        KeepNote $keep,
    ): JsonResponse {
        $request->validate(['text' => ['present', 'nullable', 'string', 'max:5000']]);
        $keep($reader, $booking, $request->string('text')->trim()->toString());

        return new JsonResponse(['ok' => true]);
    }

    /** Another time for whoever was there, or was not; they take it with one press. */
    public function offer(
        #[CurrentUser] StaffMember $reader,
        Booking $booking,
        Request $request,
        OfferTime $offer,
    ): JsonResponse {
        $request->validate([
            'slot' => ['required', 'string', SlotKey::RULE],
            'word' => ['nullable', 'string', 'max:1000'],
        ]);
        $offer(
            $reader,
            $booking,
            SlotKey::instant($request->string('slot')->toString()),
            $request->string('word')->trim()->toString(),
            Clock::now(),
        );

        return $this->show($reader, $booking->host);
    }

    public function takeOfferBack(
        #[CurrentUser] StaffMember $reader,
        Booking $booking,
        TakeOfferBack $takeBack,
    ): JsonResponse {
        $takeBack($booking, Clock::now());

        return $this->show($reader, $booking->host);
    }

    /** How one's own desk works. */
    public function settings(#[CurrentUser] StaffMember $reader, Request $request): JsonResponse
    {
        $request->validate([
            'arrive_minutes' => ['required', 'integer', 'min:0', 'max:120'],
            'missing_minutes' => ['required', 'integer', 'min:1', 'max:60'],
            'late_threshold' => ['required', 'integer', 'min:5', 'max:120'],
        ]);
        $reader->update($request->only(['arrive_minutes', 'missing_minutes', 'late_threshold']));

        return $this->show($reader, $reader);
    }

    /** What is at this desk, and at no other. */
    private static function booked(string $key, StaffMember $host): Booking
    {
        return Booking::query()
            ->with(['sheet', 'pass'])
            ->where('staff_id', $host->id)
            ->findOrFail(max(0, TurnKey::number($key)));
    }

    /** @return DeskShape */
    private function data(StaffMember $reader, StaffMember $host): array
    {
        $now = Clock::now();

        return DeskData::of(HostDay::of($host, DayOf::at($now, $host->school->timeZone())), $reader, $now);
    }
}
