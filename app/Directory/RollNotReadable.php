<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Words;

/** A file of which nothing can be taken in. */
final class RollNotReadable extends \RuntimeException
{
    /** @param  array<string, string|int>  $values */
    public static function because(string $why, array $values = []): self
    {
        return new self(Words::say("directory.$why", $values));
    }
}
