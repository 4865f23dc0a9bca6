<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\BookSlot;
use App\Booking\Keep;
use App\Booking\KeepLonger;
use App\Booking\KeepSlot;
use App\Booking\LetGo;
use App\Booking\Picked;
use App\Directory\Admission;
use App\Directory\Expected;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Page;
use App\Framework\SlotKey;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\Secret;
use App\Models\Sheet;
use App\Passes\LookForMeeting;
use App\Timetables\Asking;
use App\Timetables\Interpreters;
use App\Waiting\JoinWaiting;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** A sheet for visitors: look, keep a time while typing, and book. */
final class VisitController
{
    public function page(Sheet $sheet, Request $request): View
    {
        if (!Admission::of($sheet, Pass::opening($request->input('pass'), $sheet))->isAdmitted) {
            return ComeInController::ask($sheet);
        }
        $data = $this->data($sheet, $request);

        return Page::early(
            'Visit',
            Words::say('booking.sheet_title', ['sheet' => Version::title($sheet), 'host' => $sheet->host->name]),
            $data,
            view('plain.times', ['sheet' => $data, 'holder' => Pass::opening($request->input('pass'), $sheet)]),
        );
    }

    /** The same in a frame on a course page: nothing of it can be done there but look; a press opens the sheet itself. */
    public function frame(Sheet $sheet, Request $request): Response
    {
        $admitted = Admission::of($sheet, Pass::opening($request->input('pass'), $sheet))->isAdmitted;
        $view = $admitted
            ? Page::visit('Frame', Version::title($sheet), $this->data($sheet, $request))
            : ComeInController::ask($sheet);

        return new Response($view->render(), 200, [
            'Content-Security-Policy' => str_replace(
                "frame-ancestors 'none'",
                'frame-ancestors *',
                \App\Framework\SecurityHeaders::POLICY,
            ),
        ]);
    }

    public function show(Sheet $sheet, Request $request): JsonResponse
    {
        Gate::authorize('book', $sheet);
        $response = new JsonResponse($this->data($sheet, $request));
        $response->setEtag(hash('xxh128', (string) $response->getContent()));
        $response->headers->set(
            'Cache-Control',
            $request->hasAny(['pass', 'kept']) ? 'private, no-cache' : 'public, max-age=0, must-revalidate',
        );
        $response->isNotModified($request);

        return $response;
    }

    public function keep(Sheet $sheet, Request $request, KeepSlot $keep): JsonResponse
    {
        $hosts = $sheet->chosenFrom();
        $request->validate([
            'slot' => ['required', 'string', SlotKey::RULE],
            'keep_key' => ['required', 'uuid'],
            'host' => ['nullable', 'string', Rule::in(array_keys($hosts))],
        ]);
        event(new Picked($sheet));
        $now = Clock::now();
        $until = $keep(
            $sheet,
            new Keep(
                SlotKey::instant($request->string('slot')->toString()),
                Secret::hash($request->string('keep_key')->lower()->toString()),
                Secret::hash(Secret::of('keeper|' . Limited::network($request))),
                host: $request->filled('host') ? $hosts[$request->string('host')->toString()] : null,
            ),
            $now,
        );

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
        event(new Picked($sheet));
        $now = Clock::now();
        $booking = $bookSlot($sheet, $request->wish(), $now);

        return new JsonResponse(
            PassData::of(
                $booking->pass->within($request->pass()?->reach),
                $now,
                $booking->pass->wasRecentlyCreated ? $booking : null,
            ),
            $booking->wasRecentlyCreated ? 201 : 200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    public function keepLonger(Sheet $sheet, Request $request, KeepLonger $longer): JsonResponse
    {
        $request->validate(['keep_key' => ['required', 'uuid']]);
        $now = Clock::now();
        $until = $longer($sheet, Secret::hash($request->string('keep_key')->lower()->toString()), $now);

        return new JsonResponse(['seconds' => $until === null ? null : $until - $now]);
    }

    /** Says the same whether or not anybody has a time for that student. */
    public function askToJoin(Sheet $sheet, Request $request): JsonResponse
    {
        $pass = Pass::opening($request->input('pass'), $sheet);
        $request->validate([
            'student' => ['required', 'string', new PersonName()],
            'name' => [$pass === null ? 'required' : 'nullable', 'string', new PersonName()],
            'email' => [$pass?->email === null ? 'required' : 'nullable', 'string', new MailAddress()],
        ]);
        if ($sheet->rules->whole('guests') > 0) {
            dispatch(
                new LookForMeeting(
                    $sheet->id,
                    $request->string('student')->toString(),
                    $pass->name ?? $request->string('name')->trim()->toString(),
                    $pass->email ?? (string) MailAddress::of($request->input('email')),
                ),
            );
        }

        return new JsonResponse(['ok' => true]);
    }

    public function wait(Sheet $sheet, WaitRequest $request, JoinWaiting $join): JsonResponse
    {
        $join($sheet, $request->pass(), $request->who());

        return new JsonResponse(['ok' => true]);
    }

    /** @return VisitSheetShape */
    private function data(Sheet $sheet, Request $request): array
    {
        $now = Clock::now();
        $pass = Pass::opening($request->input('pass'), $sheet);
        $moving = $pass?->bookings()->where('id', $request->integer('moving'))->first();
        $kept = Asked::word($request, 'kept');
        $keeper = $kept === '' ? null : Secret::hash(mb_strtolower($kept));
        $who = match (true) {
            $moving !== null => Asking::moving($moving),
            $pass !== null => Asking::holder($pass, Asked::word($request, 'student'), $keeper)->interpreted(
                Interpreters::neededBy($pass, $sheet->round_id),
            ),
            default => Asking::anybody($keeper),
        };

        return ['expected' => Expected::byKey($sheet, Asked::word($request, 'for'))->name ?? ''] +
            VisitSheetData::of(
                $sheet,
                $now,
                $who,
                Asked::date($request, 'from'),
                Admission::of($sheet, $pass)->names(),
            );
    }
}
