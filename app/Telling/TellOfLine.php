<?php

declare(strict_types=1);

namespace App\Telling;

use App\Waiting\PlaceTaken;
use App\Waiting\TimeOffered;

/** Those who wait until a time comes free: whether that was them, and that one is kept for them. */
final class TellOfLine
{
    public function ofPlace(PlaceTaken $event): void
    {
        $pass = $event->waiting->pass;
        Envelopes::to((string) $pass->email, $pass->addressee())->queue(new PlaceInLine($event->waiting));
    }

    public function ofOffer(TimeOffered $offer): void
    {
        $pass = $offer->waiting->pass;
        Envelopes::to((string) $pass->email, $pass->addressee())->queue(
            new WaitingOffer($offer->waiting, $offer->key, $offer->slot->start, $offer->slot->end, $offer->until),
        );
    }
}
