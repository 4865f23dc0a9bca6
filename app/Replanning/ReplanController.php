<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\Round;
use App\Models\StaffMember;
use App\Rounds\RoundHost;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/** What comes between a published round and its evening: somebody is away, snow. All of it is looked at before it happens. */
final class ReplanController
{
    public function page(#[CurrentUser] StaffMember $staff, Round $round): View
    {
        return Page::staff(
            'RoundChanges',
            Words::say('replanning.title', ['round' => $round->title]),
            ['host' => $staff->name] + ReplanData::page($round, Clock::now()),
        );
    }

    public function away(Round $round, AwayRequest $request): JsonResponse
    {
        return new JsonResponse(ReplanData::away($request->absence(Clock::now())));
    }

    public function letBeAway(Round $round, AwayRequest $request, LetBeAway $let): JsonResponse
    {
        $absence = $request->absence(Clock::now());
        $let($absence, $request->choices(), $request->string('word')->trim()->toString());
        LogBook::note('round_host_away', $round, ['about' => $round->title, 'who' => $absence->host->host->name]);

        return self::done($round, Words::say('replanning.away_done', ['host' => $absence->host->host->name]));
    }

    /** Somebody who was away is there: their times are open again. */
    public function comesAfterAll(Round $round, RoundHost $part, ComeAfterAll $come): JsonResponse
    {
        $sheet = $part->round_id === $round->id ? $part->sheet : null;
        $come($sheet ?? abort(404), Clock::now());
        LogBook::note('round_host_back', $round, ['about' => $round->title, 'who' => $part->host->name]);

        return new JsonResponse(ReplanData::page($round, Clock::now()));
    }

    public function evening(Round $round, EveningRequest $request): JsonResponse
    {
        return new JsonResponse(ReplanData::evening($request->move(), Clock::now()));
    }

    public function moveEvening(Round $round, EveningRequest $request, MoveEvening $move): JsonResponse
    {
        $move($request->move(), $request->seen(), $request->string('word')->trim()->toString(), Clock::now());
        LogBook::note('round_evening_moved', $round, ['about' => $round->title]);

        return self::done($round, Words::say('replanning.evening_done'));
    }

    /** Takes the last of these back, for some seconds. */
    public function takeBack(Round $round, TakeReplanBack $takeBack): JsonResponse
    {
        $takeBack($round, Clock::now());
        LogBook::note('round_replan_undone', $round, ['about' => $round->title]);

        return self::done($round, Words::say('replanning.undone'));
    }

    private static function done(Round $round, string $said): JsonResponse
    {
        return new JsonResponse([
            'message' => $said,
            'undo' => Replanned::last($round, Clock::now())?->seconds(Clock::now()) ?? 0,
            'away' => ReplanData::whoIsAway($round, RoundHost::of($round), Clock::now()),
        ]);
    }

    public function byVideo(Round $round, ByVideo $video): JsonResponse
    {
        $video($round, Words::say('replanning.by_video_label'), Clock::now());
        LogBook::note('round_by_video', $round, ['about' => $round->title]);

        return new JsonResponse(ReplanData::page($round, Clock::now()));
    }

    public function inRooms(Round $round, ByVideo $video): JsonResponse
    {
        $video->back($round, Clock::now());
        LogBook::note('round_in_rooms', $round, ['about' => $round->title]);

        return new JsonResponse(ReplanData::page($round, Clock::now()));
    }
}
