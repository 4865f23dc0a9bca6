<?php

declare(strict_types=1);

namespace App\Booking;

/** A booking was refused for what is on another pass, and whoever asked was not told so: who reads the address may be. */
final readonly class StandsAgainst
{
    /** @param  int  $now  seconds since the epoch */
    public function __construct(public string $email, public int $now) {}
}
