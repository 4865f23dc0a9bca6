<?php

declare(strict_types=1);

namespace App\Failures;

use App\Worksheet\EditEffect;

/** A change that touches bookings waits until its writer has seen whom it hits. */
final class BookingsAffected extends \RuntimeException
{
    public function __construct(public readonly EditEffect $effect)
    {
        parent::__construct('This change touches people who have booked. Nothing is saved yet: see whom it hits, and choose.');
    }
}
