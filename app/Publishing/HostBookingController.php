<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\AnswerWish;
use App\Booking\CancelBooking;
use App\Booking\CancelRequest;
use App\Booking\Ending;
use App\Booking\LastChange;
use App\Booking\MoveBooking;
use App\Booking\MoveRequest;
use App\Booking\PassRefused;
use App\Booking\Presser;
use App\Booking\Relocation;
use App\Booking\SetLink;
use App\Booking\TakeBack;
use App\Booking\WishAnswer;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\StaffTimes;
use App\Writing\LinkCheck;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What a host, or the office, does with bookings. */
final class HostBookingController
{
    public function cancel(
        #[CurrentUser] StaffMember $staff,
        Booking $booking,
        CancelRequest $request,
        CancelBooking $cancel,
    ): JsonResponse {
        // Also one that was called in early and is over before its time: what has been is not cancelled.
        if ($booking->stands() && ($booking->ends_at->isPast() || $booking->turn?->called_at !== null)) {
            return new JsonResponse(['message' => Words::say('sheets.cancel_over')], 409);
        }
        $cancel($booking, Ending::by($this->presser($staff, $booking), $request->note())->undoable(Clock::now()));

        return $this->whole($booking->sheet);
    }

    public function move(
        #[CurrentUser] StaffMember $staff,
        Booking $booking,
        MoveRequest $request,
        MoveBooking $move,
    ): JsonResponse {
        $how = Relocation::by($this->presser($staff, $booking), $request->note(), Clock::now())->undoable();
        $move($booking, $request->start(), $how, $request->otherHost());

        return $this->whole($booking->sheet);
    }

    /** Takes a move or a cancelling of staff back, for some seconds; what a visitor did is theirs to take back. */
    public function undo(Booking $booking, TakeBack $takeBack): JsonResponse
    {
        $change = LastChange::of($booking, Clock::now());
        if ($change === null || !LastChange::isByStaff($change)) {
            throw new PassRefused(Words::say('booking.undo_late'));
        }
        $takeBack($booking, Clock::now());

        return $this->whole($booking->sheet);
    }

    /** Where it can be moved to. */
    public function times(Booking $booking, Request $request): JsonResponse
    {
        return new JsonResponse(StaffTimes::of($booking, Asked::date($request, 'from'), Clock::now()));
    }

    public function answer(
        #[CurrentUser] StaffMember $staff,
        Booking $booking,
        Request $request,
        AnswerWish $answer,
    ): JsonResponse {
        $request->validate([
            'answer' => ['required', Rule::enum(WishAnswer::class)],
            'note' => ['nullable', 'string', 'max:1000'],
        ]);
        $answer(
            $booking,
            $this->presser($staff, $booking),
            WishAnswer::from($request->string('answer')->toString()),
            $request->string('note')->toString(),
        );

        return $this->whole($booking->sheet);
    }

    /** One link for some meetings, or for all that have none yet. */
    public function link(#[CurrentUser] StaffMember $staff, Sheet $sheet, Request $request, SetLink $set): JsonResponse
    {
        $request->validate([
            'link' => ['required', 'string', 'max:2000', 'url:http,https'],
            'bookings' => ['array', 'max:2000'],
            'bookings.*' => ['integer'],
            'replace' => ['boolean'],
            'anyway' => ['boolean'],
        ]);
        $this->lookOver($request);
        $ids = array_map(
            static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0,
            (array) $request->input('bookings', []),
        );
        $bookings = $sheet
            ->bookings()
            ->whereIn('state', BookingState::standing())
            ->where('ends_at', '>', Instant::column(Clock::now()))
            ->whereHas('place', static fn($place) => $place->where('kind', 'video'))
            ->when(
                $ids !== [],
                static fn($one) => $one->whereIn('id', $ids),
                static fn($one) => $one
                    ->whereNull('link')
                    ->whereHas('place', static fn($place) => $place->whereNull('link')),
            )
            ->get();
        // A link that somebody has already been sent is replaced only when that was asked for.
        if (
            !$request->boolean('replace') &&
            $bookings->contains(static fn(Booking $one): bool => $one->link !== null)
        ) {
            throw ValidationException::withMessages(['bookings' => Words::say('sheets.links_there')]);
        }
        $set($sheet, Presser::staff($staff, Party::Host), $bookings, $request->string('link')->toString());

        return $this->whole($sheet);
    }

    /** A link is looked at here as it is on the worksheet: whoever has it could act as its maker. */
    private function lookOver(Request $request): void
    {
        $check = LinkCheck::of($request->string('link')->toString());
        if ($check->problems !== [] && !$request->boolean('anyway')) {
            throw ValidationException::withMessages([
                'link' => implode(' ', [
                    ...$check->problems,
                    ...$check->cleaned === null ? [] : [Words::say('sheets.link_cleaned', ['link' => $check->cleaned])],
                ]),
            ]);
        }
    }

    private function presser(StaffMember $staff, Booking $booking): Presser
    {
        return Presser::staff($staff, $booking->sheet->isRunBy($staff) ? Party::Host : Party::Office);
    }

    private function whole(Sheet $sheet): JsonResponse
    {
        return new JsonResponse(HostSheetData::whole($sheet->refresh(), Clock::now()));
    }
}
