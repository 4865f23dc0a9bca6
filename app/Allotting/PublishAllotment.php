<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Instant;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Has what was found booked, family by family; from then on it is finished, whatever happens in the middle. */
final class PublishAllotment
{
    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws AllotmentRefused when it is not the last that was found, or wishes may have come since
     */
    public function __invoke(Allotment $allotment, int $now): Allotment
    {
        $round = $allotment->round;
        if (in_array($allotment->state, [AllotmentState::Booking, AllotmentState::Booked], true)) {
            return $allotment;
        }
        ($allotment->state === AllotmentState::Found && Allotment::last($round)?->id === $allotment->id) ||
            throw AllotmentRefused::because('not_the_last');
        $round->takesWishes($now) === false || throw AllotmentRefused::because('still_collecting');
        (int) $allotment->begun_at?->getTimestamp() >= (int) $round->wishes_until?->getTimestamp() ||
            throw AllotmentRefused::because('wishes_since');
        try {
            return DB::transaction(static function () use ($allotment, $round, $now): Allotment {
                $allotment->update([
                    'state' => AllotmentState::Booking,
                    'busy' => $round->id,
                    'heard_at' => Instant::column($now),
                    'booked' => 0,
                    'short' => 0,
                ]);
                dispatch(new BookAllotment($allotment->id));

                return $allotment;
            });
        } catch (UniqueConstraintViolationException) {
            throw AllotmentRefused::because('at_work');
        }
    }
}
