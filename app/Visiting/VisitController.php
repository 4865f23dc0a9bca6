<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\BookSlot;
use App\Booking\KeepSlot;
use App\Booking\LetGo;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Page;
use App\Framework\Refused;
use App\Framework\SlotKey;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\Secret;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Waiting\JoinWaiting;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A sheet for visitors: look, keep a time while typing, and book. */
final class VisitController
{
    public function page(Sheet $sheet, Request $request): View
    {
        $data = $this->data($sheet, $request);

        return Page::visit('Visit', $sheet->title.' with '.$sheet->host->name, $data, view('plain.times', ['sheet' => $data]));
    }

    /** The same in a frame on a course page: nothing of it can be done there but look; a press opens the sheet itself. */
    public function frame(Sheet $sheet, Request $request): Response
    {
        $view = Page::visit('Frame', $sheet->title, $this->data($sheet, $request));

        return new Response($view->render(), 200, ['Content-Security-Policy' => str_replace("frame-ancestors 'none'", 'frame-ancestors *', \App\Framework\SecurityHeaders::POLICY)]);
    }

    public function show(Sheet $sheet, Request $request): JsonResponse
    {
        $response = new JsonResponse($this->data($sheet, $request));
        $response->setEtag(hash('xxh128', (string) $response->getContent()));
        $response->headers->set('Cache-Control', $request->hasAny(['pass', 'kept']) ? 'private, no-cache' : 'public, max-age=0, must-revalidate');
        $response->isNotModified($request);

        return $response;
    }

    public function keep(Sheet $sheet, Request $request, KeepSlot $keep): JsonResponse
    {
        $hosts = $sheet->chosenFrom();
        $request->validate(['slot' => ['required', 'string', SlotKey::RULE], 'keep_key' => ['required', 'uuid'], 'host' => ['nullable', 'string', Rule::in(array_keys($hosts))]]);
        $now = Clock::now();
        $until = $keep($sheet, SlotKey::instant($request->string('slot')->toString()), Secret::hash($request->string('keep_key')->lower()->toString()), Secret::hash(Secret::of('keeper|'.Limited::network($request))), $now, host: $request->filled('host') ? $hosts[$request->string('host')->toString()] : null);

        return new JsonResponse(['seconds' => $until === null ? null : $until - $now]);
    }

    public function letGo(Sheet $sheet, Request $request, LetGo $letGo): JsonResponse
    {
        $request->validate(['keep_key' => ['required', 'uuid']]);
        $letGo($sheet, Secret::hash($request->string('keep_key')->lower()->toString()));

        return new JsonResponse(['ok' => true]);
    }

    public function book(Sheet $sheet, BookingRequest $request, BookSlot $bookSlot): JsonResponse
    {
        $now = Clock::now();
        $booking = $bookSlot($sheet, $request->wish(), $now);

        return new JsonResponse(
            PassData::of($booking->pass, $now, $booking->pass->wasRecentlyCreated ? $booking : null),
            $booking->wasRecentlyCreated ? 201 : 200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    /** Without scripts: the form of one slot, as plain HTML. */
    public function plainForm(Sheet $sheet, Request $request): Response
    {
        return $this->form($sheet, $request, ['slot' => Asked::word($request, 'slot'), 'typed' => [], 'said' => [], 'message' => ''], 200);
    }

    /**
     * A form is one visitor's: it is never kept and shown to another.
     *
     * @param  array<string, mixed>  $with
     */
    private function form(Sheet $sheet, Request $request, array $with, int $status): Response
    {
        return new Response(view('plain.form', ['sheet' => $this->data($sheet, $request)] + $with)->render(), $status, ['Cache-Control' => 'no-store, private']);
    }

    /** Without scripts: the form comes back with what was typed and what is wrong, or with the pass. */
    public function plainBook(Sheet $sheet, Request $request, BookSlot $bookSlot): Response
    {
        $typed = $request->except('_token');
        $typed['answers'] = is_array($typed['answers'] ?? null) ? $typed['answers'] : [];
        $said = [];
        $message = '';
        $status = 200;
        try {
            $booking = $bookSlot($sheet, $this->checked($request, $typed)->wish(), Clock::now());

            return new Response(view('plain.done', ['pass' => PassData::of($booking->pass, Clock::now())])->render(), 200, ['Cache-Control' => 'no-store, private']);
        } catch (ValidationException $failure) {
            $said = array_map(static fn (array $messages): string => (string) $messages[0], $failure->errors());
            $message = 'Something needs another look. Nothing was lost.';
            $status = 422;
        } catch (Refused $refused) {
            // Under a key that is used up nothing can be sent again.
            unset($typed['request_key']);
            $message = $refused->getMessage();
            $status = 409;
        }

        return $this->form($sheet, $request, ['slot' => is_string($typed['slot'] ?? null) ? $typed['slot'] : '', 'typed' => self::shown($typed), 'said' => $said, 'message' => $message], $status);
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
        $several = static fn (mixed $one): bool => is_string($one) || (is_array($one) && array_filter($one, is_string(...)) === $one);

        return array_filter($typed, is_string(...)) + ['answers' => array_filter($answers, $several)];
    }

    /** @param  array<string, mixed>  $typed */
    private function checked(Request $request, array $typed): BookingRequest
    {
        $form = BookingRequest::createFrom($request->duplicate(request: $typed));
        $form->setContainer(app())->setRedirector(app('redirect'));
        $form->validateResolved();

        return $form;
    }

    public function wait(Sheet $sheet, Request $request, JoinWaiting $join): JsonResponse
    {
        $pass = Pass::byToken($request->input('pass'));
        $request->validate(['name' => [$pass === null ? 'required' : 'nullable', 'string', new PersonName], 'email' => [$pass?->email === null ? 'required' : 'nullable', 'string', new MailAddress]]);
        $join($sheet, $pass, $request->string('name')->toString(), (string) MailAddress::of($request->input('email')));

        return new JsonResponse(['ok' => true]);
    }

    /** @return array<string, mixed> */
    private function data(Sheet $sheet, Request $request): array
    {
        $now = Clock::now();
        $pass = Pass::byToken($request->input('pass'));
        $moving = $pass?->bookings()->where('id', $request->integer('moving'))->first();
        $kept = Asked::word($request, 'kept');
        $keeper = $kept === '' ? null : Secret::hash(mb_strtolower($kept));
        $who = match (true) {
            $moving !== null => Asking::moving($moving),
            $pass !== null => Asking::holder($pass, Asked::word($request, 'student'), $keeper),
            default => Asking::anybody($keeper),
        };

        return VisitSheetData::of($sheet, $now, $who, Asked::date($request, 'from'));
    }
}
