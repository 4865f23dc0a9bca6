<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\LetGo;
use App\Booking\LineHold;
use App\Framework\Contended;
use App\Models\Waiting;
use App\Timetables\Guards;

/** Somebody in line lets an offer pass, or declines it: the first time they are behind the others, the second time out. */
final class PassOffer
{
    private const OUT = 2;

    public function __construct(private readonly LetGo $letGo, private readonly LineHold $line) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Waiting $waiting, int $now): void
    {
        Contended::transaction(function () use ($waiting, $now): void {
            Guards::sheet($waiting->sheet);
            $waiting->refresh();
            if ($waiting->keeper !== null) {
                ($this->letGo)($waiting->sheet, $waiting->keeper);
            }
            if ($waiting->offered_start === null) {
                return;
            }
            // The line has it until the next of them hears.
            $this->line->hold($waiting->sheet, $waiting->offered_start->getTimestamp(), null, $now);
            OfferWaiting::dispatch($waiting->sheet_id);
            if ($waiting->passed + 1 >= self::OUT) {
                $waiting->delete();
            } else {
                $waiting->update([
                    'passed' => $waiting->passed + 1,
                    'offered_start' => null,
                    'offered_until' => null,
                    'keeper' => null,
                ]);
            }
        });
    }
}
