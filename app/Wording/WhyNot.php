<?php

declare(strict_types=1);

namespace App\Wording;

use Recess\Rules\Because;
use Recess\Rules\Verdict;
use Recess\Time\Zone;

/** Why a slot cannot be had, said to whoever wants it. */
final class WhyNot
{
    public static function say(Verdict $verdict, string $time, Zone $zone, string $student = ''): string
    {
        $reason = $verdict->reasons[0] ?? null;
        $student = $student === '' ? 'The student' : $student;

        return match ($reason?->because) {
            null => "$time is free.",
            Because::Past => "$time is over.",
            Because::SheetDraft => 'This page is not open yet.',
            Because::SheetPaused => 'Booking is paused just now.',
            Because::SheetClosed, Because::NoLongerOpen => 'Booking has closed here.',
            Because::SlotClosed, Because::HostBusy => "$time is not free any more.",
            Because::NoSeat => "Somebody has just taken $time.",
            Because::DayFull => 'That day is full.',
            Because::TooSoon => "$time is too soon to be booked now.",
            Because::VisitorHasEnough => 'You have booked here already, as often as can be. Move that booking from your pass instead.',
            Because::StudentHasEnough => "$student has been booked here already, as often as can be. Move that booking from your pass instead. For another student of the same name, add a middle name.",
            Because::VisitorElsewhere => "You are in another meeting around $time, or could not get from one to the other in time.",
            Because::StudentElsewhere => "$student is in another meeting around $time. For another student of the same name, add a middle name.",
            Because::NotOpenYet, Because::TooFarAhead => $reason->until === null ? "$time cannot be booked yet." : "$time can be booked from ".Spell::moment($reason->until, $zone).' on.',
        };
    }
}
