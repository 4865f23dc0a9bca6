<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\BringGuest;
use App\Booking\CancelBooking;
use App\Booking\CancelRequest;
use App\Booking\ChangeAnswers;
use App\Booking\LetGuestLeave;
use App\Booking\MoveBooking;
use App\Booking\Occasion;
use App\Booking\PassRefused;
use App\Framework\Clock;
use App\Framework\SlotKey;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Joiner;
use App\Models\MailAddress;
use App\Models\Party;
use App\Models\Pass;
use App\Models\PersonName;
use App\Passes\AnswerJoiner;
use App\Passes\UndoChange;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What a visitor does with one booking of their pass. */
final class PassBookingController
{
    public function giveBack(Pass $pass, Booking $booking, CancelRequest $request, CancelBooking $cancel): JsonResponse
    {
        self::ahead($booking);
        // Of what was only kept for an address nobody else knows.
        $cancel($booking, Party::Visitor, $request->note(), $booking->state === BookingState::Kept ? Occasion::Lapsed : Occasion::Cancelled, Clock::now());

        return $this->shown($pass);
    }

    public function move(Pass $pass, Booking $booking, Request $request, MoveBooking $move): JsonResponse
    {
        $hosts = $booking->sheet->chosenFrom();
        $request->validate(['slot' => ['required', 'string', SlotKey::RULE], 'host' => ['nullable', 'string', Rule::in(array_keys($hosts))]]);
        self::ahead($booking);
        self::stands($booking);
        $move($booking, SlotKey::instant($request->string('slot')->toString()), Party::Visitor, '', Clock::now(), $request->filled('host') ? $hosts[$request->string('host')->toString()] : null);

        return $this->shown($pass);
    }

    public function answers(Pass $pass, Booking $booking, AnswersRequest $request, ChangeAnswers $change): JsonResponse
    {
        self::stands($booking);
        $change($booking, $request->answers(), $request->phone());

        return $this->shown($pass);
    }

    public function bring(Pass $pass, Booking $booking, Request $request, BringGuest $bring): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', new PersonName], 'email' => ['required', 'string', new MailAddress], 'may_change' => ['boolean']]);
        self::stands($booking);
        $bring($booking, $request->string('name')->trim()->toString(), (string) MailAddress::of($request->input('email')), $request->boolean('may_change'), Clock::now());

        return $this->shown($pass);
    }

    /** Whoever asks to come too is brought, or is not. */
    public function answerJoiner(Pass $pass, Booking $booking, Request $request, AnswerJoiner $answer): JsonResponse
    {
        $request->validate(['joiner' => ['required', 'integer'], 'bring' => ['required', 'boolean'], 'may_change' => ['boolean']]);
        $joiner = Joiner::query()->where('booking_id', $booking->id)->find($request->integer('joiner'));
        if ($joiner instanceof Joiner) {
            $answer($joiner, $request->boolean('bring'), $request->boolean('may_change'), Clock::now());
        }

        return $this->shown($pass);
    }

    /** The visitor takes a guest off, or the guest leaves. */
    public function leave(Pass $pass, Booking $booking, Request $request, LetGuestLeave $leave): JsonResponse
    {
        $guests = $booking->guests()->whereNull('left_at');
        $guest = $booking->pass_id === $pass->id ? $guests->where('id', $request->integer('guest'))->first() : $guests->where('pass_id', $pass->id)->first();
        if ($guest instanceof Guest) {
            $leave($guest, Clock::now());
        }

        return $this->shown($pass);
    }

    public function undo(Pass $pass, Booking $booking, UndoChange $undo): JsonResponse
    {
        $undo($booking, Clock::now());

        return $this->shown($pass);
    }

    /** @throws PassRefused when the meeting has begun */
    public static function ahead(Booking $booking): void
    {
        if ($booking->stands() && $booking->starts_at->getTimestamp() <= Clock::now()) {
            throw new PassRefused(Words::say('booking.has_begun'));
        }
    }

    /** @throws PassRefused when it is only kept for an address that has not answered */
    public static function stands(Booking $booking): void
    {
        if ($booking->state === BookingState::Kept) {
            throw new PassRefused(Words::say('booking.confirm_first'));
        }
    }

    private function shown(Pass $pass): JsonResponse
    {
        return new JsonResponse(PassData::of($pass->refresh(), Clock::now()));
    }
}
