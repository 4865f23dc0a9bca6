<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Spell;
use App\Framework\Words;

/** Somebody was quicker with one meeting of a plan; nothing of it was booked. */
final class PlanGone extends \RuntimeException
{
    public static function at(Pick $pick): self
    {
        return new self(Words::say('rounds.gone', ['host' => $pick->sheet->host->name, 'time' => Spell::moment((int) $pick->start, $pick->sheet->host->school->timeZone())]));
    }
}
