<?php

declare(strict_types=1);

namespace Recess;

/** How many visitors a slot takes in. */
final readonly class Capacity
{
    public function __construct(
        /** All seats, with every host of whom one is enough. */
        public int $seats,
        /** Those that can still be had. */
        public int $left,
        /** Those that somebody has. */
        public int $taken,
    ) {}
}
