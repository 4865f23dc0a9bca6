<?php

declare(strict_types=1);

namespace App\Allotting;

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
        Shortlist::query()
            ->where(['round_id' => $round->id, 'pass_id' => $pass->id])
            ->update(['wished' => null, 'wished_at' => null]);
    }
}
