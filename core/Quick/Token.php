<?php

declare(strict_types=1);

namespace Recess\Quick;

/** A word of a quick line and where it stands. */
final readonly class Token
{
    public function __construct(
        public string $text,
        /** Its first character in the line, from 0. */
        public int $position,
    ) {
    }
}
