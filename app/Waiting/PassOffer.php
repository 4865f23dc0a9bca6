<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\GiveUpSeat;
use App\Framework\Contended;
use App\Models\Seat;
use App\Models\Waiting;
use App\Timetables\Guards;

/** Somebody in line lets an offer pass, or declines it: the first time they are behind the others, the second time out. */
final class PassOffer
{
    private const OUT = 2;

    public function __construct(private readonly GiveUpSeat $giveUpSeat)
    {
    }

    public function __invoke(Waiting $waiting): void
    {
        Contended::transaction(function () use ($waiting): void {
            Guards::sheet($waiting->sheet);
            $waiting->refresh();
            $this->letGo($waiting);
            if ($waiting->offered_start === null) {
                return;
            }
            if ($waiting->passed + 1 >= self::OUT) {
                $waiting->delete();
            } else {
                $waiting->update(['passed' => $waiting->passed + 1, 'offered_start' => null, 'offered_until' => null, 'keeper' => null]);
            }
        });
    }

    /** What is kept for the offer is free again. */
    private function letGo(Waiting $waiting): void
    {
        $seat = $waiting->keeper === null ? null : Seat::query()->where('keeper', $waiting->keeper)->first();
        if ($seat !== null) {
            ($this->giveUpSeat)($seat->hold_id, $seat->seat);
        }
    }
}
