<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\StandsAgainst;
use App\Framework\Room;
use App\Live\Announce;
use App\Live\Channel;
use App\Models\Pass;
use Illuminate\Support\Facades\Event;

/** What a visitor does with their pass besides booking: mend what was mistyped, take a change back, bring whoever asks to come. */
final class PassesRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Event::listen(StandsAgainst::class, TellWhatStands::class);
        // Whoever has the time may be looking at their pass, in two windows.
        Joiner::created(static fn(Joiner $one) => Announce::to([Channel::pass($one->booking->pass)]));
        Joiner::deleted(static fn(Joiner $one) => Announce::to([Channel::pass($one->booking->pass)]));
        Pass::updated(Announce::holder(...));
    }
}
