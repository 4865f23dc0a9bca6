<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Spell;
use App\Framework\Words;
use Recess\Rules\Verdict;
use Recess\Time\Zone;

/** Why a slot cannot be had, said to whoever wants it. */
final class WhyNot
{
    /** @param  string  $time  the clock time of the slot */
    public static function say(Verdict $verdict, string $time, Zone $zone): string
    {
        $reason = $verdict->reasons[0] ?? throw new \LogicException('Nothing stands against this slot.');

        return Words::say(
            'rules.why.' . $reason->because->name,
            ['time' => $time] + ($reason->until === null ? [] : ['until' => Spell::moment($reason->until, $zone)]),
        );
    }
}
