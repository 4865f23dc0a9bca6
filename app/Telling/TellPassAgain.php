<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\PassWanted;

/** Sends somebody the addresses of their passes. */
final class TellPassAgain
{
    public function handle(PassWanted $wanted): void
    {
        $pass = $wanted->newest;
        Envelopes::to((string) $pass->email, $pass->addressee())->queue(
            new PassAgain($pass, $wanted->others, $wanted->school),
        );
    }
}
