<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Models\Waiting;

/** Somebody gives up their place in line, and what is offered to them with it. */
final class LeaveLine
{
    public function __construct(private readonly PassOffer $passOffer) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Waiting $waiting, int $now): void
    {
        ($this->passOffer)($waiting, $now);
        Waiting::query()->whereKey($waiting->id)->delete();
        // Where they were the last, what was held for the line is everybody's.
        OfferWaiting::dispatch($waiting->sheet_id);
    }
}
