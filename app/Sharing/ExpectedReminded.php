<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Expected;

/** Raised for each who is invited to book, or reminded. */
final readonly class ExpectedReminded
{
    public function __construct(
        public Expected $expected,
        public string $word,
        public int $at,
        public bool $first = false,
    ) {}
}
