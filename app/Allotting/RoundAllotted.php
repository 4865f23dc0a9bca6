<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Round;

/** All families have their times, and what is free is open to everybody. Raised in the transaction that opens it. */
final readonly class RoundAllotted
{
    public function __construct(public Round $round) {}
}
