<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Contended;
use App\Models\Pass;
use App\Models\Round;
use App\Plans\Shortlist;

/** What a family wished counts no more; what they ticked is still there. */
final class TakeWishesBack
{
    /** @throws AllotmentRefused when the day until which they could is over */
    public function __invoke(Round $round, Pass $pass, int $now): void
    {
        $round->takesWishes($now) || throw AllotmentRefused::because('over');
        Contended::transaction(static function () use ($round, $pass): void {
            $taken = Shortlist::query()
                ->where(['round_id' => $round->id, 'pass_id' => $pass->id])
                ->whereNotNull('wished_at')
                ->update(['wished' => null, 'wished_at' => null]);
            $taken === 0 || event(new WishesSent($round, $pass));
        });
    }
}
