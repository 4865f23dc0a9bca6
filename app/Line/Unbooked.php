<?php

declare(strict_types=1);

namespace App\Line;

/** Somebody who just came in. */
final readonly class Unbooked
{
    public function __construct(
        public string $name,
        public string $student,
        public string $phone,
        /** For so long they would like to talk. */
        public int $minutes,
    ) {}
}
