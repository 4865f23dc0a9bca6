<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\Round;
use App\Models\StaffMember;
use App\Sharing\Csv;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The office allots a round: has times looked for, looks at them, pins, looks again, and publishes. */
final class AllotmentController
{
    public function page(#[CurrentUser] StaffMember $staff, Round $round): View
    {
        return Page::staff('Allotment', Words::say('allotting.title', ['round' => $round->title]), [
            'host' => $staff->name,
            'round' => $round->id,
            'title' => $round->title,
            'first' => AllotmentData::of($round, Clock::now()),
        ]);
    }

    public function show(Round $round): JsonResponse
    {
        return $this->whole($round);
    }

    public function progress(Round $round): JsonResponse
    {
        return new JsonResponse(AllotmentData::progress($round, Allotment::last($round), Clock::now()));
    }

    public function begin(Round $round, Request $request, BeginAllotment $begin): JsonResponse
    {
        $request->validate(['seed' => ['required', 'integer', 'between:0,999999']]);
        $allotment = $begin($round, $request->integer('seed'), Clock::now());
        LogBook::note('round_allotted', $round, ['about' => $round->title]);

        return new JsonResponse(AllotmentData::progress($round, $allotment, Clock::now()), 202);
    }

    public function stop(Allotment $allotment, StopAllotment $stop): JsonResponse
    {
        $stop($allotment);

        return new JsonResponse(AllotmentData::progress($allotment->round, $allotment, Clock::now()), 202);
    }

    public function pin(Allotment $allotment, Request $request, Pin $pin): JsonResponse
    {
        $request->validate([
            'rows' => ['required', 'array', 'max:5000'],
            'rows.*' => ['integer'],
            'pinned' => ['required', 'boolean'],
        ]);
        $pin($allotment, array_values(array_map(intval(...), $request->array('rows'))), $request->boolean('pinned'));

        return $this->whole($allotment->round);
    }

    public function publish(Allotment $allotment, PublishAllotment $publish): JsonResponse
    {
        $publish($allotment, Clock::now());
        LogBook::note('round_allotment_published', $allotment->round, ['about' => $allotment->round->title]);

        return new JsonResponse(AllotmentData::progress($allotment->round, $allotment, Clock::now()), 202);
    }

    public function until(Round $round, Request $request, SetWishesUntil $set): JsonResponse
    {
        $request->validate(['until' => ['nullable', 'string', 'date_format:Y-m-d\TH:i']]);
        $now = Clock::now();
        $set(
            $round,
            $request->filled('until')
                ? $round->school->timeZone()->moment($request->string('until')->toString())
                : $now,
            $now,
        );
        LogBook::note('round_wishes_until', $round, ['about' => $round->title]);

        return $this->whole($round->refresh());
    }

    /** All that was wished, with what it was given, as a table. */
    public function table(Round $round): Response
    {
        $zone = $round->school->timeZone();
        $rows = [
            Words::each('tables', 'family', 'student', 'teacher', 'wish', 'asked', 'date', 'from', 'to', 'why_not'),
        ];
        foreach (Allotment::last($round)?->rows()->with('pass')->get() ?? [] as $row) {
            $span = $row->span();
            $rows[] = [
                $row->pass->name,
                $row->student,
                $row->host,
                (string) $row->rank,
                $row->asked ? 'yes' : '',
                $span === null ? '' : (string) $zone->dateAt($span->start),
                $span === null ? '' : (string) $zone->timeAt($span->start),
                $span === null ? '' : (string) $zone->timeAt($span->end),
                $span === null && $row->why !== null ? $row->why->said($row->host) : '',
            ];
        }

        return Download::of(Csv::write($rows), 'text/csv; charset=utf-8', "$round->slug-allotment.csv");
    }

    private function whole(Round $round): JsonResponse
    {
        return new JsonResponse(AllotmentData::of($round, Clock::now()));
    }
}
