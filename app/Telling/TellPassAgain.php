<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\PassWanted;
use Illuminate\Support\Facades\Mail;

/** Sends somebody the addresses of their passes. */
final class TellPassAgain
{
    public function handle(PassWanted $wanted): void
    {
        $pass = $wanted->newest;
        Mail::to([(object) ['email' => (string) $pass->email, 'name' => $pass->name]])->queue(new PassAgain($pass, $wanted->others, $wanted->school));
    }
}
