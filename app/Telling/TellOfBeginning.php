<?php

declare(strict_types=1);

namespace App\Telling;

use App\Alone\BeginningAsked;

/** Asks an address whether it wants to begin alone. */
final class TellOfBeginning
{
    public function handle(BeginningAsked $event): void
    {
        Envelopes::to($event->email, $event->name)->queue(new BeginningLetter($event->name, $event->sealed?->link()));
    }
}
