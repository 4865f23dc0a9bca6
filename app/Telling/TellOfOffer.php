<?php

declare(strict_types=1);

namespace App\Telling;

use App\Waiting\TimeOffered;

/** Tells whoever waits that a time is kept for them. */
final class TellOfOffer
{
    public function handle(TimeOffered $offer): void
    {
        $pass = $offer->waiting->pass;
        Envelopes::to((string) $pass->email, $pass->name)
            ->queue(new WaitingOffer($offer->waiting, $offer->key, $offer->slot->start, $offer->slot->end, $offer->until));
    }
}
