<?php

declare(strict_types=1);

namespace App\Line;

use App\Framework\Refused;
use App\Framework\Words;

/** Something cannot be done at the desk, for it is otherwise by now: pressed in another tab, or by a colleague, or gone. */
final class PressedElsewhere extends Refused
{
    public static function meanwhile(): self
    {
        return new self(Words::say('day.pressed_elsewhere'));
    }

    public static function because(string $key): self
    {
        return new self(Words::say("day.$key"));
    }
}
