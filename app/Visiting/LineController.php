<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Clock;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Waiting;
use App\Models\Wants;
use App\Waiting\ConfirmPlace;
use App\Waiting\LeaveLine;
use App\Waiting\PassOffer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Somebody's place in line, at a secret address, as a plain page: look, confirm, decline, leave. */
final class LineController
{
    public function page(Waiting $waiting): Response
    {
        $zone = $waiting->sheet->host->school->timeZone();
        $offered = $waiting->offered_until?->getTimestamp() ?? 0;
        [$heading, $more] = match (true) {
            $waiting->confirmed_at === null => [
                Words::say('booking.line_asked'),
                Words::say('booking.line_asked_more'),
            ],
            $offered > Clock::now() => [
                Words::say('booking.line_offered', [
                    'when' => Spell::moment((int) $waiting->offered_start?->getTimestamp(), $zone),
                    'until' => Spell::moment($offered, $zone),
                ]),
                Words::say('booking.line_offered_more'),
            ],
            default => [
                Words::say('booking.line_in', ['before' => $this->before($waiting)]),
                Words::say('booking.line_in_more'),
            ],
        };
        $presses = match (true) {
            $waiting->confirmed_at === null => ['confirm' => Words::say('booking.line_press')],
            $offered > Clock::now() => [
                'decline' => Words::say('booking.line_decline'),
                'leave' => Words::say('booking.line_leave'),
            ],
            default => ['leave' => Words::say('booking.line_leave')],
        };

        return $this->shown($waiting, $heading, $more, $presses);
    }

    public function confirm(Waiting $waiting, ConfirmPlace $confirm): RedirectResponse
    {
        $confirm($waiting, Clock::now());

        return new RedirectResponse($waiting->link(), 303);
    }

    public function decline(Waiting $waiting, PassOffer $pass): Response|RedirectResponse
    {
        $pass($waiting, Clock::now());

        return Waiting::query()->whereKey($waiting->id)->exists()
            ? new RedirectResponse($waiting->link(), 303)
            : $this->shown($waiting, Words::say('booking.line_out'), '', []);
    }

    public function leave(Waiting $waiting, LeaveLine $leave): Response
    {
        $leave($waiting, Clock::now());

        return $this->shown($waiting, Words::say('booking.line_out'), '', []);
    }

    /** What would suit, changed by whoever is in line. */
    public function wants(Waiting $waiting, Request $request): RedirectResponse
    {
        $waiting->update(['wants' => Wants::asked($request, $waiting->sheet)->toArray()]);

        return new RedirectResponse($waiting->link(), 303);
    }

    private function before(Waiting $waiting): int
    {
        return (int) array_search($waiting->id, Waiting::line($waiting->sheet_id)->pluck('id')->all(), true);
    }

    /** @param  array<string, string>  $presses  what can be done here, by the end of its address */
    private function shown(Waiting $waiting, string $heading, string $more, array $presses): Response
    {
        return new Response(
            view('plain.line', [
                'waiting' => $waiting,
                'heading' => $heading,
                'more' => $more,
                'presses' => $presses,
            ])->render(),
            200,
            ['Cache-Control' => 'no-store, private'],
        );
    }
}
