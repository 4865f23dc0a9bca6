<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Expected;

/** Raised for each who is reminded to book. */
final readonly class ExpectedReminded
{
    public function __construct(public Expected $expected, public string $word, public int $at) {}
}
