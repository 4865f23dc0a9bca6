<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Calendars\FeedFailed;
use App\Calendars\VisitorsFeed;
use App\Directory\Admission;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Knocks\AskForTime;
use App\Knocks\Knock;
use App\Knocks\KnockTerms;
use App\Knocks\TakeKnockBack;
use App\Knocks\TakeProposal;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Recess\Calendars\BusyReader;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\Limits;
use Recess\Time\Span;
use Recess\Time\Spans;

/** Somebody asks for a time that no sheet offers, from a host's door; and what they do with it on their pass. */
final class KnockController
{
    /** Days of a visitor's own calendar that are looked at. */
    private const DAYS = 100;

    /** Busy times of it that go to and fro; more is no help. */
    private const SPANS = 2_000;

    /** The last instant of the year 9999. */
    private const LATEST = 253_402_300_799;

    public function page(StaffMember $staff, Request $request): View|Response
    {
        $terms = KnockTerms::of($staff);
        $pass = Pass::opening($request->input('pass'), $staff);
        if (!$terms->isOpen()) {
            return new Response(
                view('plain.knock', [
                    'staff' => $staff,
                    'message' => Words::say('knocks.closed', ['host' => $staff->name]),
                ])->render(),
                404,
            );
        }
        if (!Admission::of($terms->sheet(), $pass)->isAdmitted) {
            return ComeInController::askAtDoor($terms->sheet());
        }

        return Page::visit(
            'Knock',
            Words::say('knocks.ask_title', ['host' => $staff->name]),
            KnockPageData::of($terms, $pass, Clock::now()),
            view('plain.knock', [
                'staff' => $staff,
                'message' => Words::say('knocks.no_scripts', ['phone' => $staff->school->phoneOrNone()]),
            ]),
        );
    }

    /** Somebody who works here, on the pass that is theirs. */
    public function staff(#[CurrentUser] StaffMember $reader, StaffMember $staff): RedirectResponse
    {
        $pass = Pass::ofStaff($reader);

        return new RedirectResponse("/d/$staff->slug/knock?pass=" . $pass->token(), 303, [
            'Cache-Control' => 'no-store, private',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }

    /** When all are free: asked anew with another host, other days, or a calendar of one's own. Nothing of it is kept. */
    public function times(StaffMember $staff, Request $request): JsonResponse
    {
        $request->validate([
            'with' => ['present', 'array', 'max:5'],
            'own' => ['nullable', 'array', 'max:' . self::SPANS],
            'place' => ['nullable', 'integer'],
            'pass' => ['nullable', 'string', 'max:120'],
        ]);
        // Once it is known how many they are: rules for each cost more than in proportion to all.
        $request->validate(['with.*' => ['string', 'max:80', 'distinct']]);
        $pass = Pass::opening($request->input('pass'), $staff);
        $terms =
            KnockPageData::termsOf(
                $staff,
                array_values(array_filter($request->array('with'), is_string(...))),
                $pass,
            ) ?? throw ValidationException::withMessages(['with' => Words::say('knocks.not_together')]);
        $place = $terms[0]->places()->firstWhere('id', $request->integer('place'));

        return new JsonResponse(
            KnockPageData::times(
                $terms,
                new AskedTimes($pass, self::own($request->input('own')), $place, Asked::date($request, 'from')),
                Clock::now(),
            ),
            200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    /** A file or a feed of the visitor's, read once: what it says of when they are busy goes back to their page, and is kept nowhere. */
    public function calendar(StaffMember $staff, Request $request, VisitorsFeed $feed): JsonResponse
    {
        $request->validate(
            [
                'address' => [
                    'required_without:file',
                    'nullable',
                    'string',
                    'max:2000',
                    'regex:#^(?:https?|webcals?)://#i',
                ],
                'file' => ['nullable', 'file', 'max:10240'],
            ],
            [
                'address.regex' => Words::say('knocks.feed_address'),
                'address.required_without' => Words::say('knocks.feed_or_file'),
                'file.max' => Words::say('knocks.file_size'),
            ],
        );
        $file = $request->file('file');
        $now = Clock::now();
        try {
            $text =
                $file instanceof UploadedFile
                    ? (string) $file->getContent()
                    : (string) $feed->fetch($request->string('address')->toString(), null)?->text;
            $read = BusyReader::read(
                $text,
                Span::of($now - 86_400, $now + self::DAYS * 86_400),
                $staff->school->timeZone(),
                new Limits(spans: self::SPANS),
            );
        } catch (FeedFailed | CalendarNotReadable $failure) {
            throw ValidationException::withMessages([
                $file instanceof UploadedFile ? 'file' : 'address' => Words::why($failure),
            ]);
        }

        return new JsonResponse(
            [
                'own' => array_map(static fn(Span $span): array => [$span->start, $span->end], $read->busy->all()),
                'said' => Words::say('knocks.calendar_read', [
                    'count' => count($read->busy),
                    'skipped' => count($read->skipped),
                ]),
            ],
            200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    public function ask(StaffMember $staff, KnockRequest $request, AskForTime $ask): JsonResponse
    {
        $knock = $ask($request->terms(), $request->wish(), Clock::now());

        return new JsonResponse(
            [
                'path' => '/p/' . $knock->pass->within($request->pass()?->reach)->token(),
                'state' => $knock->state->value,
                'email' => (string) $knock->pass->email,
            ],
            $knock->wasRecentlyCreated ? 201 : 200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    public function take(Pass $pass, Knock $knock, Request $request, TakeProposal $take): JsonResponse
    {
        $request->validate(['choice' => ['required', 'integer']]);
        $now = Clock::now();
        $take($knock, $request->integer('choice'), $now);

        return new JsonResponse(PassData::of($pass, $now));
    }

    public function takeBack(Pass $pass, Knock $knock, TakeKnockBack $takeBack): JsonResponse
    {
        $takeBack($knock);

        return new JsonResponse(PassData::of($pass, Clock::now()));
    }

    /**
     * What a page was given before, and sends back: two thousand pairs, which rules for each field would take half a second to look at.
     *
     * @throws ValidationException when it is something else
     */
    private static function own(mixed $sent): ?Spans
    {
        $spans = [];
        foreach (is_array($sent) ? $sent : [] as $one) {
            [$start, $end] = is_array($one) && count($one) === 2 ? array_values($one) : [null, null];
            if (!is_int($start) || !is_int($end) || $start < 0 || $end <= $start || $end > self::LATEST) {
                throw ValidationException::withMessages(['own' => Words::say('knocks.own_not_read')]);
            }
            $spans[] = Span::of($start, $end);
        }

        return is_array($sent) ? Spans::of($spans) : null;
    }
}
