<?php

declare(strict_types=1);

namespace App\Telling;

use App\Waiting\TimeOffered;
use Illuminate\Support\Facades\Mail;

/** Tells whoever waits that a time is kept for them. */
final class TellOfOffer
{
    public function handle(TimeOffered $offer): void
    {
        $pass = $offer->waiting->pass;
        Mail::to([(object) ['email' => (string) $pass->email, 'name' => $pass->name]])
            ->queue(new WaitingOffer($offer->waiting, $offer->key, $offer->slot->start, $offer->slot->end, $offer->until));
    }
}
