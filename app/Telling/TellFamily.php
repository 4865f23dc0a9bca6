<?php

declare(strict_types=1);

namespace App\Telling;

use App\Sharing\FamilyInvited;

/** Sends a family the link that is theirs. */
final class TellFamily
{
    public function handle(FamilyInvited $event): void
    {
        Envelopes::to((string) $event->pass->email, $event->pass->name)->queue(new FamilyLetter($event->pass, $event->sheet, $event->students, $event->word));
    }
}
