<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Framework\Guard;
use App\Publishing\StillNeeded;
use App\Publishing\ThrowAway;

/** Takes somebody out of a round, and their sheet away, as long as nobody has booked with them. Who wished for them is told. */
final class TakeOut
{
    public function __construct(private readonly ThrowAway $throwAway, private readonly NotInItAnyMore $notInIt) {}

    /** @throws RoundRefused when somebody has booked with them */
    public function __invoke(RoundHost $part): void
    {
        Contended::transaction(function () use ($part): void {
            Guard::round($part->round_id);
            $sheet = $part->sheet;
            ($this->notInIt)($part);
            $part->delete();
            try {
                $sheet === null || ($this->throwAway)($sheet);
            } catch (StillNeeded) {
                throw RoundRefused::because('has_meetings', ['host' => $part->host->name]);
            }
        });
    }
}
