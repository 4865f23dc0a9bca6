<?php

declare(strict_types=1);

namespace App\Booking;

/** Whom a visitor brings: the other guardian, an interpreter. */
final readonly class GuestWish
{
    /** @param  bool  $mayChange  whether they may move the meeting and give it back */
    public function __construct(public string $name, public string $email, public bool $mayChange) {}
}
