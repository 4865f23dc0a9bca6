<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\BringGuest;
use App\Booking\CancelRequest;
use App\Booking\ChangeAnswers;
use App\Booking\GuestWish;
use App\Booking\LetGuestLeave;
use App\Booking\MoveRequest;
use App\Booking\Presser;
use App\Booking\TakeBack;
use App\Framework\Clock;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Passes\AnswerJoiner;
use App\Passes\Changeable;
use App\Passes\GiveBack;
use App\Passes\Joiner;
use App\Passes\MoveOwn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a visitor does with one booking of their pass. */
final class PassBookingController
{
    public function giveBack(Pass $pass, Booking $booking, CancelRequest $request, GiveBack $giveBack): JsonResponse
    {
        $giveBack($pass, $booking, $request->note(), Clock::now());

        return $this->shown($pass);
    }

    public function move(Pass $pass, Booking $booking, MoveRequest $request, MoveOwn $move): JsonResponse
    {
        $move($pass, $booking, $request->start(), Clock::now(), $request->otherHost());

        return $this->shown($pass);
    }

    public function answers(Pass $pass, Booking $booking, AnswersRequest $request, ChangeAnswers $change): JsonResponse
    {
        Changeable::confirmed($booking);
        $change($booking, Presser::pass($pass), $request->answers(), $request->phone());

        return $this->shown($pass);
    }

    public function bring(Pass $pass, Booking $booking, Request $request, BringGuest $bring): JsonResponse
    {
        $request->validate([
            'name' => ['required', 'string', new PersonName()],
            'email' => ['required', 'string', new MailAddress()],
            'may_change' => ['boolean'],
        ]);
        Changeable::confirmed($booking);
        $bring(
            $booking,
            Presser::pass($pass),
            new GuestWish(
                $request->string('name')->trim()->toString(),
                (string) MailAddress::of($request->input('email')),
                $request->boolean('may_change'),
            ),
            Clock::now(),
        );

        return $this->shown($pass);
    }

    /** Whoever asks to come too is brought, or is not. */
    public function answerJoiner(Pass $pass, Booking $booking, Request $request, AnswerJoiner $answer): JsonResponse
    {
        $request->validate([
            'joiner' => ['required', 'integer'],
            'bring' => ['required', 'boolean'],
            'may_change' => ['boolean'],
        ]);
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
        $guest =
            $booking->pass_id === $pass->id
                ? $guests->where('id', $request->integer('guest'))->first()
                : $guests->where('pass_id', $pass->id)->first();
        if ($guest instanceof Guest) {
            $leave($guest, Presser::pass($pass), Clock::now());
        }

        return $this->shown($pass);
    }

    public function undo(Pass $pass, Booking $booking, TakeBack $undo): JsonResponse
    {
        $undo($booking, Clock::now());

        return $this->shown($pass);
    }

    private function shown(Pass $pass): JsonResponse
    {
        return new JsonResponse(PassData::of($pass->refresh(), Clock::now()));
    }
}
