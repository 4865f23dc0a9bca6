<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Words;
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
                    'said' => Words::say('booking.part.' . ($part->value ?? 'any'), ['free' => $free]),
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
}
