<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Instant;
use App\Models\Round;

/** Until when families can send wishes: later than was said, or ended now. */
final class SetWishesUntil
{
    /**
     * @param  int  $until  an instant; none after now ends it
     *
     * @throws AllotmentRefused when nothing is collected, or something is at work
     */
    public function __invoke(Round $round, int $until, int $now): Round
    {
        $round->isCollecting() || throw AllotmentRefused::because('not_collecting');
        Allotment::last($round)?->state->isBusy() !== true || throw AllotmentRefused::because('at_work');
        $until < $round->begins() || throw AllotmentRefused::because('too_late');
        $round->update(['wishes_until' => Instant::column(max($until, $now))]);

        return $round;
    }
}
