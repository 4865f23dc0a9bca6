<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\Refused;
use App\Framework\Words;

/** Something that was to change in a round and cannot, and why. */
final class ReplanRefused extends Refused
{
    /** @param  array<string, string|int>  $values  of the sentence lang/en/replanning.php has under that key */
    public static function because(string $key, array $values = []): self
    {
        return new self(Words::say("replanning.$key", $values));
    }
}
