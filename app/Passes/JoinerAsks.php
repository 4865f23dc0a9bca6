<?php

declare(strict_types=1);

namespace App\Passes;

use App\Models\Joiner;

/** Somebody asks to be brought to a meeting. Raised in the transaction that writes it down. */
final readonly class JoinerAsks
{
    public function __construct(public Joiner $joiner)
    {
    }
}
