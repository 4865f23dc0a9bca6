<?php

declare(strict_types=1);

namespace App\Allotting;

/** Ends the looking: what is found until then is kept. */
final class StopAllotment
{
    public function __invoke(Allotment $allotment): Allotment
    {
        if (in_array($allotment->state, [AllotmentState::Waiting, AllotmentState::Running], true)) {
            $allotment->update(['to_stop' => true]);
        }

        return $allotment;
    }
}
