<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Directory\CardCode;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Limited;
use App\Framework\Limits;
use App\Framework\Words;
use App\Knocks\KnockTerms;
use App\Models\Pass;
use App\Models\Reach;
use App\Models\Round;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Whoever has a card types its code and is on their own pass; whoever comes to a sheet that is for some is asked for it. */
final class ComeInController
{
    /** Wrong codes from one network in an hour. A school's own is one network, and a code is one of 2^50. */
    private const WRONG = 100;

    private const HOUR = 3600;

    public static function ask(Sheet $sheet): View
    {
        return self::form($sheet, '');
    }

    /** The same at a host's door, for whoever would ask them for a time. @param  Sheet  $sheet  not kept: it says for whom */
    public static function askAtDoor(Sheet $sheet): View
    {
        return self::form($sheet, '', true);
    }

    /** The same at a round that is for families alone. */
    public static function askAtRound(Round $round): View
    {
        return self::form(null, '', round: $round);
    }

    public function page(): Response
    {
        return $this->answer(self::form(null, ''), 200);
    }

    public function open(Request $request): Response|RedirectResponse
    {
        $now = Clock::now();
        $sheet = Sheet::query()->where('slug', Asked::word($request, 'to'))->where('state', '!=', 'draft')->first();
        $door = StaffMember::query()->where('slug', Asked::word($request, 'door'))->whereNull('left_at')->first();
        $terms = $door === null ? null : KnockTerms::of($door)->sheet();
        $round = Round::query()->where('slug', Asked::word($request, 'round'))->where('state', '!=', 'draft')->first();
        $wrong = 'card|' . Limited::network($request);
        if (Limits::isReached($wrong, self::WRONG, self::HOUR, $now)) {
            return $this->answer(
                self::form($terms ?? $sheet, Words::say('booking.card_too_often'), $terms !== null, $round),
                429,
            );
        }
        $card = CardCode::read(mb_substr(Asked::word($request, 'code'), 0, 40));
        if ($card === null) {
            Limits::exactly($wrong, self::HOUR, $now);

            return $this->answer(
                self::form($terms ?? $sheet, Words::say('booking.card_unknown'), $terms !== null, $round),
                422,
            );
        }
        $pass = $card->pass();

        // It leads to what it is for, wherever it was typed; and what the office gave out opens a door, to ask for a time there.
        return new RedirectResponse(
            match (true) {
                $door !== null && $card->round !== null => "/d/$door->slug/knock?pass=" .
                    $pass->within(Reach::door($door))->token(),
                $card->round !== null && $sheet !== null && $sheet->round_id === $card->round_id
                    => "/s/$sheet->slug?pass=" . $pass->token(),
                $card->round !== null => $card->round->linkFor($pass),
                $card->sheet !== null => $card->sheet->linkFor($pass),
                default => abort(404),
            },
            303,
            ['Cache-Control' => 'no-store, private', 'Referrer-Policy' => 'no-referrer'],
        );
    }

    /** Somebody who works here, on the pass that is theirs. */
    public function staff(#[CurrentUser] StaffMember $staff, Sheet $sheet): RedirectResponse
    {
        $pass = Pass::ofStaff($staff);

        return new RedirectResponse("/s/$sheet->slug?pass=" . $pass->token(), 303, [
            'Cache-Control' => 'no-store, private',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }

    private static function form(?Sheet $sheet, string $message, bool $atDoor = false, ?Round $round = null): View
    {
        return view('plain.come-in', [
            'sheet' => $sheet,
            'round' => $round,
            'atDoor' => $atDoor,
            'message' => $message,
            'school' => $sheet->host->school ?? School::here(),
        ]);
    }

    private function answer(View $view, int $status): Response
    {
        return new Response($view->render(), $status, ['Cache-Control' => 'no-store, private']);
    }
}
