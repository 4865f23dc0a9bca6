<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Spell;
use App\Framework\Words;
use Recess\Time\LocalTime;
use Recess\Time\PartOfDay;

/** The parts of the day by which the times of a sheet can be looked through, before and without scripts. */
final class PartsOfDay
{
    /**
     * Those that leave something, with the way back to all; none where there is nothing to choose between.
     *
     * @param  VisitSheetShape  $sheet
     * @return list<array{part: string|null, said: string, on: bool}>
     */
    public static function of(array $sheet, ?PartOfDay $asked): array
    {
        $count = ['' => 0];
        foreach (self::free($sheet['days']) as $slot) {
            $count['']++;
            $count[$slot['part']] = ($count[$slot['part']] ?? 0) + 1;
        }
        $parts = [];
        foreach ([null, ...PartOfDay::cases()] as $part) {
            $free = $count[$part->value ?? ''] ?? 0;
            if ($part === null || $free > 0 || $part === $asked) {
                $parts[] = [
                    'part' => $part?->value,
                    'said' => Words::say('booking.part.' . ($part->value ?? 'any'), [
                        'free' => $free,
                        'from' => Spell::clock(LocalTime::of(16)),
                    ]),
                    'on' => $part === $asked,
                ];
            }
        }

        return count($parts) > 2 ? $parts : [];
    }

    /**
     * @param  list<RulerDayShape>  $days
     * @return list<RulerSlotShape> what can be had, in the part of the day that was asked for
     */
    public static function free(array $days, ?PartOfDay $asked = null): array
    {
        $free = [];
        foreach ($days as $day) {
            foreach ($day['stretches'] as $stretch) {
                foreach ($stretch['slots'] as $slot) {
                    if ($slot['state'] === 'free' && ($asked === null || $slot['part'] === $asked->value)) {
                        $free[] = $slot;
                    }
                }
            }
        }

        return $free;
    }

    /**
     * A day from top to bottom, as web/lib/runs.ts folds it for a phone: each time that can be had, and neighbours in one
     * state that cannot as one line.
     *
     * @param  RulerDayShape  $day
     * @return list<array{key: string|null, from: string, until: string, state: string, apart: bool}> the key of what can be had
     */
    public static function runs(array $day): array
    {
        $runs = [];
        foreach ($day['stretches'] as $stretch) {
            foreach ($stretch['slots'] as $position => $slot) {
                $last = array_key_last($runs);
                $apart = $position === 0 && $last !== null;
                if (
                    $last !== null &&
                    !$apart &&
                    $slot['state'] !== 'free' &&
                    $runs[$last]['state'] === $slot['state']
                ) {
                    $runs[$last]['until'] = $slot['until'];
                } else {
                    $runs[] = [
                        'key' => $slot['state'] === 'free' ? $slot['key'] : null,
                        'from' => $slot['from'],
                        'until' => $slot['until'],
                        'state' => $slot['state'],
                        'apart' => $apart,
                    ];
                }
            }
        }

        return $runs;
    }
}
