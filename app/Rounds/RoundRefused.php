<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Refused;
use App\Framework\Words;

/** Something about a round that cannot be, and why. */
final class RoundRefused extends Refused
{
    /** @param  array<string, string|int>  $values  of the sentence lang/en/rounds.php has under that key */
    public static function because(string $key, array $values = []): self
    {
        return new self(Words::say("rounds.$key", $values));
    }
}
