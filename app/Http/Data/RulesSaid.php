<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Sheets\SheetRules;
use App\Wording\Spell;
use Recess\Time\Zone;

/** A sheet's rules in sentences, as a visitor reads them before they pick. */
final class RulesSaid
{
    /** @return list<string> */
    public static function of(SheetRules $rules, Zone $zone): array
    {
        $working = $rules->leadWorking ? 'working day' : 'day';

        return array_values(array_filter([
            $rules->leadMinutes === 0 && $rules->leadDays === null ? 'Can be booked until the meeting begins.' : '',
            $rules->leadMinutes > 0 && $rules->leadDays === null ? 'Can be booked until '.Spell::minutes($rules->leadMinutes).' before the meeting.' : '',
            match ($rules->leadDays) {
                null => '',
                0 => "Can be booked until $rules->leadBy on the day.",
                1 => "Can be booked until $rules->leadBy on the $working before.",
                default => "Can be booked until $rules->leadBy, ".Spell::count($rules->leadDays, $working).' before.',
            },
            $rules->opensAt === null ? '' : 'Booking opens '.Spell::moment(SheetRules::instant($rules->opensAt, $zone), $zone).'.',
            $rules->closesAt === null ? '' : 'Booking closes '.Spell::moment(SheetRules::instant($rules->closesAt, $zone), $zone).'.',
            $rules->perStudent === 1 ? 'One time for each student.' : ($rules->perStudent === null ? '' : "At most $rules->perStudent times for each student."),
            $rules->perVisitor === 1 ? 'One time for each visitor.' : ($rules->perVisitor === null ? '' : "At most $rules->perVisitor times for each visitor."),
            $rules->approve ? 'You ask for a time; it is yours when the answer comes, within '.Spell::minutes($rules->askedHours * 60).'.' : '',
            $rules->seats > 1 && $rules->showWho ? 'Whoever comes to the same time sees your name.' : '',
        ], static fn (string $said): bool => $said !== ''));
    }
}
