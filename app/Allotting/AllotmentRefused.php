<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Refused;
use App\Framework\Words;

/** Something about wishes or an allotment that cannot be, and why. */
final class AllotmentRefused extends Refused
{
    /** @param  array<string, string|int>  $values  of the sentence lang/en/allotting.php has under that key */
    public static function because(string $key, array $values = []): self
    {
        return new self(Words::say("allotting.$key", $values));
    }
}
