<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Contended;
use App\Live\Announce;
use App\Live\Channel;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Round;
use App\Plans\PlanHolder;
use App\Plans\Shortlist;

/** Keeps what a family wishes; sent once more, it is what they sent last. */
final class SendWishes
{
    /** Seconds within which who changes their wishes gets no other letter: the one before is hardly out, and is of what stands then. */
    private const QUIET = 120;

    /**
     * @param  array<string, mixed>  $asked  as Shortlist in docs/formats/recess.openapi.yaml
     * @param  int  $now  seconds since the epoch
     *
     * @throws AllotmentRefused when the day until which they could is over
     */
    public function __invoke(Round $round, PlanHolder $holder, array $asked, int $now): Pass
    {
        return Contended::transaction(static function () use ($round, $holder, $asked, $now): Pass {
            $round->refresh()->takesWishes($now) || throw AllotmentRefused::because('over');
            $pass = $holder->pass();
            $before = Shortlist::of($round->id, $pass->id)?->wished_at?->getTimestamp();
            Shortlist::query()->updateOrCreate(
                ['round_id' => $round->id, 'pass_id' => $pass->id],
                ['asked' => $asked, 'wished' => $asked, 'wished_at' => Instant::column($now)],
            );
            Announce::to([Channel::times($round->school_id)]);
            if ($before === null || $now - $before > self::QUIET) {
                event(new WishesSent($round, $pass));
            }

            return $pass;
        });
    }
}
