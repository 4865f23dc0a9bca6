<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\NotAsFilledIn;
use App\Framework\Clock;
use App\Framework\Page;
use App\Models\Pass;
use App\Models\Round;
use App\Visiting\ComeInController;
use App\Visiting\PassData;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A round for families: whom they want to meet, the plan that fits it together, and keeping it whole. */
final class RoundVisitController
{
    private const PRIVATE = ['Cache-Control' => 'no-store, private'];

    public function page(Round $round, Request $request): View
    {
        $pass = Pass::opening($request->input('pass'), $round);
        if (!RoundFamily::of($round, $pass)->isAdmitted) {
            return ComeInController::askAtRound($round);
        }

        $data = RoundPageData::of($round, $pass, Clock::now());

        return Page::visit('Round', $round->title, $data, view('plain.round', ['round' => $data, 'pass' => $pass]));
    }

    public function show(Round $round, Request $request): JsonResponse
    {
        $pass = Pass::opening($request->input('pass'), $round);
        $family = RoundFamily::of($round, $pass);
        abort_unless($family->isAdmitted, 403, $family->refusal());

        return new JsonResponse(RoundPageData::of($round, $pass, Clock::now()), 200, self::PRIVATE);
    }

    /** The plan for what is ticked now; what was ticked is there again after a reload. */
    public function plan(Round $round, PlanRequest $request, KeepShortlist $keep): JsonResponse
    {
        $pass = $request->pass();
        if ($pass !== null) {
            $keep($round, $pass, $request->shortlist());
        }

        return new JsonResponse(
            PlanData::of(FindPlan::of($round, $pass, $request->asked(), Clock::now())),
            200,
            self::PRIVATE,
        );
    }

    public function keep(Round $round, KeepPlanRequest $request, KeepPlan $keep, KeepShortlist $shortlist): JsonResponse
    {
        $now = Clock::now();
        try {
            $pass = $keep($round, $request->wish(), $now);
        } catch (NotAsFilledIn $refusal) {
            throw $refusal->byLetter($request->holder()->email, $now);
        } catch (PlanGone $gone) {
            // Whoever was beaten to one goes on from the next best plan.
            $next = FindPlan::of($round, $request->pass(), $request->asked(), $now);

            return new JsonResponse(
                ['message' => $gone->getMessage(), 'plan' => PlanData::of($next)],
                409,
                self::PRIVATE,
            );
        }
        // What is booked is wished for no more.
        $shortlist($round, $pass, ['picks' => []] + $request->shortlist());

        return new JsonResponse(PassData::of($pass->within($request->pass()?->reach), $now), 201, self::PRIVATE);
    }

    /** All that they have booked of it, as a whole. */
    public function giveBack(Round $round, Request $request, GiveBackPlan $giveBack): JsonResponse
    {
        $request->validate(['pass' => ['required', 'string', 'max:120'], 'note' => ['nullable', 'string', 'max:1000']]);
        $pass = Pass::opening($request->input('pass'), $round) ?? abort(404);
        $now = Clock::now();
        $giveBack($round, $pass, $request->string('note')->trim()->toString(), $now);

        return new JsonResponse(PassData::of($pass, $now), 200, self::PRIVATE);
    }
}
