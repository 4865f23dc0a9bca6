<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Models\Pass;
use App\Models\Round;
use App\Plans\RoundPageData;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a family wishes of a round that allots its times. */
final class WishesController
{
    private const PRIVATE = ['Cache-Control' => 'no-store, private'];

    public function send(Round $round, WishesRequest $request, SendWishes $send): JsonResponse
    {
        $now = Clock::now();
        $pass = $send($round, $request->holder(), $request->shortlist(), $now)->within($request->pass()?->reach);

        return new JsonResponse(RoundPageData::of($round, $pass, $now), 200, self::PRIVATE);
    }

    /** Without scripts: the page comes back with what is sent. */
    public function plain(Round $round, PlainWishesRequest $request, SendWishes $send): RedirectResponse
    {
        $pass = $send($round, $request->holder(), $request->shortlist(), Clock::now())->within(
            $request->pass()?->reach,
        );

        return new RedirectResponse("/r/$round->slug?pass=" . $pass->token(), 303, self::PRIVATE);
    }

    public function takeBack(Round $round, Request $request, TakeWishesBack $takeBack): JsonResponse
    {
        $now = Clock::now();
        $pass = Pass::opening($request->input('pass'), $round);
        $pass instanceof Pass || abort(403);
        $takeBack($round, $pass, $now);

        return new JsonResponse(RoundPageData::of($round, $pass, $now), 200, self::PRIVATE);
    }
}
