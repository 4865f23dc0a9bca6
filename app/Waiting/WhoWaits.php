<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Models\ReadsAs;
use App\Models\Wants;

/** Who would like to wait for a time, and for which. */
final readonly class WhoWaits
{
    public function __construct(
        public string $name,
        public string $email,
        public Wants $wants = new Wants(),
        /** How they read; nothing of it where nobody knows. */
        public ReadsAs $reads = new ReadsAs(),
    ) {}
}
