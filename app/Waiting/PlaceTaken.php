<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Models\Waiting;

/** Somebody would like to be in line. They are once their address has answered. Raised in the transaction that writes it down. */
final readonly class PlaceTaken
{
    public function __construct(public Waiting $waiting) {}
}
