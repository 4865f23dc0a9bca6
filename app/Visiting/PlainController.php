<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\BookSlot;
use App\Booking\CancelRequest;
use App\Booking\Picked;
use App\Booking\TakeBack;
use App\Directory\Admission;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Refused;
use App\Framework\SlotKey;
use App\Framework\Words;
use App\Line\CheckIn;
use App\Models\Booking;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\Sheet;
use App\Passes\GiveBack;
use App\Passes\LookForPasses;
use App\Passes\MoveOwn;
use App\Timetables\Asking;
use App\Timetables\Interpreters;
use App\Waiting\JoinWaiting;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The same without scripts: forms that come back with what is wrong, and pages that say what was done. */
final class PlainController
{
    /** What somebody types who would like to wait. */
    private const WAITS = ['name', 'email', 'part', 'place', 'host'];

    public function form(Sheet $sheet, Request $request): Response|RedirectResponse
    {
        if (!Admission::of($sheet, Pass::opening($request->input('pass'), $sheet))->isAdmitted) {
            return new RedirectResponse("/s/$sheet->slug", 303);
        }

        return $this->formOf(
            $sheet,
            [
                'slot' => Asked::word($request, 'slot'),
                'typed' => ['pass' => Asked::word($request, 'pass')],
                'said' => [],
                'message' => '',
            ],
            200,
        );
    }

    /** The form comes back with what was typed and what is wrong, or with the pass. */
    public function book(Sheet $sheet, Request $request, BookSlot $bookSlot): Response|RedirectResponse
    {
        $typed = $request->except('_token');
        $typed['answers'] = is_array($typed['answers'] ?? null) ? $typed['answers'] : [];
        $said = [];
        try {
            $form = $this->checked(BookingRequest::createFrom($request->duplicate(request: $typed)));
            event(new Picked($sheet));
            $booking = $bookSlot($sheet, $form->wish(), Clock::now());

            // So that a reload is a look, and the address is the pass's.
            return new RedirectResponse('/p/' . $booking->pass->within($form->pass()?->reach)->token(), 303);
        } catch (ValidationException $failure) {
            $said = self::firstOfEach($failure);
            [$message, $status] = [Words::say('booking.look_again'), 422];
        } catch (Refused $refused) {
            // Under a key that is used up nothing can be sent again.
            unset($typed['request_key']);
            [$message, $status] = [$refused->getMessage(), 409];
        }

        return $this->formOf(
            $sheet,
            [
                'slot' => is_string($typed['slot'] ?? null) ? $typed['slot'] : '',
                'typed' => self::shown($typed),
                'said' => $said,
                'message' => $message,
            ],
            $status,
        );
    }

    public function wait(Sheet $sheet, Request $request, JoinWaiting $join): Response
    {
        $said = [];
        $message = Words::say('booking.line_sent');
        $status = 200;
        try {
            $form = $this->checked(WaitRequest::createFrom($request));
            $join($sheet, $form->pass(), $form->who());
        } catch (ValidationException $failure) {
            $said = self::firstOfEach($failure);
            [$message, $status] = [Words::say('booking.look_again'), 422];
        } catch (Refused $refused) {
            [$message, $status] = [$refused->getMessage(), 409];
        }

        return $this->page(
            'plain.wait',
            [
                'sheet' => $sheet,
                'said' => $said,
                'message' => $message,
                'done' => $status === 200,
                'pass' => Pass::opening($request->input('pass'), $sheet),
                'typed' => array_map(
                    static fn(string $field): string => Asked::word($request, $field),
                    array_combine(self::WAITS, self::WAITS),
                ),
            ],
            $status,
        );
    }

    /** A letter to the address, if something is booked with it: the answer does not say whether. */
    public function passAgain(Request $request): Response
    {
        $email = MailAddress::of($request->input('email'));
        $wrong = validator($request->only('email'), ['email' => ['required', 'string', new MailAddress()]])
            ->errors()
            ->first('email');
        if ($wrong === '') {
            dispatch(new LookForPasses((string) $email));
        }

        return $this->page(
            'plain.pass-again',
            ['sent' => $wrong === '', 'wrong' => $wrong, 'typed' => Asked::word($request, 'email')],
            $wrong === '' ? 200 : 422,
        );
    }

    public function giveBack(
        Pass $pass,
        Booking $booking,
        CancelRequest $request,
        GiveBack $giveBack,
    ): Response|RedirectResponse {
        return $this->acted($pass, static fn() => $giveBack($pass, $booking, $request->note(), Clock::now()));
    }

    public function move(Pass $pass, Booking $booking, Request $request, MoveOwn $move): Response|RedirectResponse
    {
        $request->validate(['slot' => ['required', 'string', SlotKey::RULE]]);

        return $this->acted(
            $pass,
            static fn() => $move($pass, $booking, SlotKey::instant($request->string('slot')->toString()), Clock::now()),
        );
    }

    public function undo(Pass $pass, Booking $booking, TakeBack $undo): Response|RedirectResponse
    {
        return $this->acted($pass, static fn() => $undo($booking, Clock::now()));
    }

    public function here(Pass $pass, Booking $booking, CheckIn $checkIn): Response|RedirectResponse
    {
        return $this->acted($pass, static fn() => $checkIn($booking, 'pass', Clock::now()));
    }

    private function acted(Pass $pass, \Closure $act): Response|RedirectResponse
    {
        try {
            $act();
        } catch (Refused $refused) {
            return $this->page(
                'plain.refused',
                ['message' => $refused->getMessage(), 'back' => '/p/' . $pass->token()],
                409,
            );
        }

        return new RedirectResponse('/p/' . $pass->token(), 303);
    }

    /**
     * A form is one visitor's: it is never kept and shown to another.
     *
     * @param  array<string, mixed>  $with
     */
    private function formOf(Sheet $sheet, array $with, int $status): Response
    {
        $typed = is_array($with['typed'] ?? null) ? $with['typed'] : [];
        $pass = Pass::opening($typed['pass'] ?? null, $sheet);
        $who =
            $pass === null
                ? Asking::anybody()
                : Asking::holder($pass)->interpreted(Interpreters::neededBy($pass, $sheet->round_id));

        $children = Admission::of($sheet, $pass)->names();

        return $this->page(
            'plain.form',
            [
                'sheet' => VisitSheetData::of($sheet, Clock::now(), $who, children: $children),
                'pass' => $pass,
                'students' => $children ?? ($pass === null ? [] : PassData::students($pass)),
            ] + $with,
            $status,
        );
    }

    /** @param  array<string, mixed>  $with */
    private function page(string $view, array $with, int $status): Response
    {
        return new Response(view($view, $with)->render(), $status, ['Cache-Control' => 'no-store, private']);
    }

    /** @return array<string, string> */
    private static function firstOfEach(ValidationException $failure): array
    {
        return array_map(static fn(array $messages): string => (string) $messages[0], $failure->errors());
    }

    /**
     * What was typed, as far as a form can show it again.
     *
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed>
     */
    private static function shown(array $typed): array
    {
        $answers = is_array($typed['answers'] ?? null) ? $typed['answers'] : [];
        $several = static fn(mixed $one): bool => is_string($one) ||
            (is_array($one) && array_filter($one, is_string(...)) === $one);

        return array_filter($typed, is_string(...)) + ['answers' => array_filter($answers, $several)];
    }

    /**
     * @template T of FormRequest
     *
     * @param  T  $form
     * @return T
     */
    private function checked(FormRequest $form): FormRequest
    {
        $form->setContainer(app())->setRedirector(app('redirect'));
        $form->validateResolved();

        return $form;
    }
}
