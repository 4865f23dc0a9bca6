<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Clock;
use App\Line\AnswerOffer;
use App\Line\AnswerWord;
use App\Line\CheckIn;
use App\Line\ReportVideo;
use App\Line\StepOut;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A visitor on the day: here, waiting, in; and what is offered to them afterwards. */
final class OnTheDayController
{
    public function here(
        Pass $pass,
        Booking $booking,
        Request $request,
        CheckIn $checkIn,
        StepOut $stepOut,
    ): JsonResponse {
        $request->validate(['here' => ['required', 'boolean']]);
        $request->boolean('here') ? $checkIn($booking, 'pass', Clock::now()) : $stepOut($booking);

        return $this->pass($pass);
    }

    public function word(Pass $pass, Booking $booking, Request $request, AnswerWord $answer): JsonResponse
    {
        $request->validate(['answer' => ['required', 'string', 'max:' . AnswerWord::LENGTH]]);
        $answer($booking, $request->string('answer')->trim()->toString(), Clock::now());

        return $this->pass($pass);
    }

    public function video(Pass $pass, Booking $booking, Request $request, ReportVideo $report): JsonResponse
    {
        $request->validate(['fails' => ['required', 'boolean']]);
        $report($booking, $request->boolean('fails'), Clock::now());

        return $this->pass($pass);
    }

    public function offer(Pass $pass, Booking $booking, Request $request, AnswerOffer $answer): JsonResponse
    {
        $request->validate(['take' => ['required', 'boolean']]);
        $answer($booking, $request->boolean('take'), Clock::now());

        return $this->pass($pass);
    }

    /** How they want to hear that a host runs late, beside this page. */
    public function late(Pass $pass, Request $request): JsonResponse
    {
        $request->validate(['mail' => ['required', 'boolean'], 'text' => ['required', 'boolean']]);
        $pass->update(['late_by_mail' => $request->boolean('mail'), 'late_by_text' => $request->boolean('text')]);

        return $this->pass($pass);
    }

    private function pass(Pass $pass): JsonResponse
    {
        return new JsonResponse(PassData::of($pass, Clock::now()));
    }
}
