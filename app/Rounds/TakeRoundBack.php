<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Models\Round;
use App\Models\SheetState;
use App\Plans\Shortlist;
use App\Publishing\StillNeeded;
use App\Publishing\ThrowAway;

/** Makes a round a draft again, as long as nobody has booked: what was published by mistake is mended. */
final class TakeRoundBack
{
    public function __construct(private readonly ThrowAway $throwAway) {}

    /** @throws RoundRefused when somebody has booked, or sent wishes */
    public function __invoke(Round $round): Round
    {
        return Contended::transaction(function () use ($round): Round {
            Guard::round($round->id);
            $round = Round::query()->findOrFail($round->id);
            if (Shortlist::sent($round)->exists()) {
                throw RoundRefused::because('wished_already');
            }
            RoundHost::query()
                ->where('round_id', $round->id)
                ->update(['sheet_id' => null]);
            foreach ($round->sheets()->with('host.school')->orderBy('id')->get() as $sheet) {
                try {
                    ($this->throwAway)($sheet);
                } catch (StillNeeded) {
                    throw RoundRefused::because('booked_already');
                }
            }
            $round->update(['state' => SheetState::Draft, 'published_at' => null, 'allotted_at' => null]);

            return $round->refresh();
        });
    }
}
