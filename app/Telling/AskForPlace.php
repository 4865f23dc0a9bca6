<?php

declare(strict_types=1);

namespace App\Telling;

use App\Waiting\PlaceTaken;

/** Asks the address of whoever would like to be in line whether that was them. */
final class AskForPlace
{
    public function handle(PlaceTaken $event): void
    {
        $pass = $event->waiting->pass;
        Envelopes::to((string) $pass->email, $pass->name)->queue(new PlaceInLine($event->waiting));
    }
}
