<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Pass;
use App\Models\Round;

/** Raised for each who is written to about a round. */
final readonly class FamilyReminded
{
    public function __construct(
        public Round $round,
        public Pass $pass,
        public string $students,
        public string $word,
        public int $at,
        /** Whether they have heard nothing of it before: who is invited is not reminded. */
        public bool $first = false,
    ) {}
}
