<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Round;
use App\Models\StaffMember;
use App\Timetables\Interpreters;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Rounds for those who work here: the office sets them up and looks how full they are; each sees what is theirs. */
final class RoundController
{
    public function index(#[CurrentUser] StaffMember $staff): View
    {
        $rounds = Round::query()->where('school_id', $staff->school_id)->orderByDesc('id')->limit(30)->get();
        $parts = RoundHost::query()
            ->where('staff_id', $staff->id)
            ->whereIn('round_id', $rounds->modelKeys())
            ->with(['round', 'host'])
            ->get();
        $hosts = RoundHost::query()
            ->toBase()
            ->selectRaw('round_id, COUNT(*) AS hosts')
            ->groupBy('round_id')
            ->pluck('hosts', 'round_id')
            ->all();

        return Page::staff('Rounds', Words::say('rounds.title'), [
            'host' => $staff->name,
            'office' => $staff->office,
            'rounds' => !$staff->office
                ? []
                : array_values(
                    $rounds
                        ->map(
                            static fn(Round $one): array => [
                                'id' => $one->id,
                                'title' => $one->title,
                                'state' => $one->state->value,
                                'hosts' => $hosts[$one->id] ?? 0,
                            ],
                        )
                        ->all(),
                ),
            'parts' => array_values(
                $parts
                    ->map(
                        static fn(RoundHost $one): array => [
                            'title' => $one->round->title,
                            'dates' => RoundSetupData::dates($one->round),
                            ...RoundSetupData::part($one),
                        ],
                    )
                    ->all(),
            ),
            'interpreting' => self::interpreting($staff),
        ]);
    }

    /** @return list<array{time: string, host: string, place: string, student: string, language: string}> where somebody interprets, still to come */
    private static function interpreting(StaffMember $staff): array
    {
        $zone = $staff->school->timeZone();
        $bookings = Booking::query()
            ->where('interpreter_id', $staff->id)
            ->whereNotNull('hold_id')
            ->where('ends_at', '>', Instant::column(Clock::now()))
            ->with(['host', 'place'])
            ->orderBy('starts_at')
            ->limit(200)
            ->get();

        return array_values(
            $bookings
                ->map(
                    static fn(Booking $one): array => [
                        'time' => Spell::moment($one->span()->start, $zone),
                        'host' => $one->host->name,
                        'place' => $one->place->label,
                        'student' => $one->student,
                        'language' => Interpreters::name((string) $one->language) ?? '',
                    ],
                )
                ->all(),
        );
    }

    /** A new one, or one like an earlier one, of which only the dates are missing. */
    public function create(#[CurrentUser] StaffMember $staff, Request $request): View
    {
        $like = Round::query()->where('school_id', $staff->school_id)->whereKey($request->integer('like'))->first();

        $data = RoundSetupData::of($staff, null) + ['like' => $like === null ? null : RoundSetupData::round($like)];

        return Page::staff('RoundSetup', Words::say('rounds.new'), $data);
    }

    public function page(#[CurrentUser] StaffMember $staff, Round $round): View
    {
        return Page::staff(
            'RoundSetup',
            $round->title,
            RoundSetupData::of($staff, $round) + ['fill' => RoundFill::of($round, Clock::now())],
        );
    }

    /** How full it is, and whose families have not booked. */
    public function show(Round $round): JsonResponse
    {
        return new JsonResponse(RoundFill::of($round, Clock::now()));
    }

    /** Cards to hand out: of all families, of those without an e-mail address, or of those who have not booked. */
    public function cards(Round $round, Request $request): Response
    {
        LogBook::note('round_cards', $round, ['about' => $round->title]);
        $who = RoundCards::tryFrom(Asked::word($request, 'who')) ?? RoundCards::All;

        return Download::paper(
            $who->pdf($round, $request->filled('class') ? $request->integer('class') : null),
            "$round->slug-cards.pdf",
        );
    }

    /** All of it on paper, or as a workbook. */
    public function paper(Round $round, string $paper): Response
    {
        $which = RoundPapers::tryFrom($paper) ?? abort(404);
        LogBook::note('round_paper', $round, ['about' => $round->title, 'what' => $paper]);

        return Download::of($which->of($round), $which->type(), "$round->slug-$paper");
    }

    /** A letter to each family of which nothing was heard. */
    public function remind(Round $round, Request $request, RemindFamilies $remind): JsonResponse
    {
        $request->validate(['word' => ['nullable', 'string', 'max:1000']]);
        $sent = $remind($round, $request->string('word')->trim()->toString(), Clock::now());
        LogBook::note('round_reminded', $round, ['about' => $round->title, 'count' => $sent]);

        return new JsonResponse(RoundFill::of($round, Clock::now()));
    }

    public function store(RoundRequest $request, WriteRound $write): JsonResponse
    {
        return new JsonResponse(RoundSetupData::round($write($request->writer()->school, $request->statement())), 201);
    }

    public function update(Round $round, RoundRequest $request, WriteRound $write): JsonResponse
    {
        $version = $request->filled('version') ? $request->integer('version') : null;

        return new JsonResponse(
            RoundSetupData::round($write($request->writer()->school, $request->statement(), $round, $version)),
        );
    }

    public function interpreters(Round $round, Request $request, SetInterpreters $set): JsonResponse
    {
        $request->validate([
            'interpreters' => ['present', 'array', 'max:200'],
            'interpreters.*' => ['array:staff,language'],
            'interpreters.*.staff' => ['required', 'integer'],
            'interpreters.*.language' => ['required', 'string', 'max:35'],
        ]);
        $asked = array_map(
            static fn(array $one): array => ['staff' => (int) $one['staff'], 'language' => (string) $one['language']],
            $request->array('interpreters'),
        );
        $set($round, $asked);

        return new JsonResponse(RoundSetupData::round($round));
    }

    public function takeBack(Round $round, TakeRoundBack $takeBack): JsonResponse
    {
        $round = $takeBack($round);
        LogBook::note('round_taken_back', $round, ['about' => $round->title]);

        return new JsonResponse(RoundSetupData::round($round));
    }

    public function publish(Round $round, PublishRound $publish): JsonResponse
    {
        $round = $publish($round, Clock::now());
        LogBook::note('round_published', $round, ['about' => $round->title]);

        return new JsonResponse(RoundSetupData::round($round));
    }
}
