<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\LetGo;
use App\Framework\Contended;
use App\Models\Waiting;
use App\Timetables\Guards;

/** Somebody in line lets an offer pass, or declines it: the first time they are behind the others, the second time out. */
final class PassOffer
{
    private const OUT = 2;

    public function __construct(private readonly LetGo $letGo) {}

    public function __invoke(Waiting $waiting): void
    {
        Contended::transaction(function () use ($waiting): void {
            Guards::sheet($waiting->sheet);
            $waiting->refresh();
            if ($waiting->keeper !== null) {
                ($this->letGo)($waiting->sheet, $waiting->keeper);
            }
            if ($waiting->offered_start === null) {
                return;
            }
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
