<?php

declare(strict_types=1);

namespace App\Passes;

/** Somebody asks to be brought to a meeting. Raised in the transaction that writes it down. */
final readonly class JoinerAsks
{
    public function __construct(public Joiner $joiner) {}
}
