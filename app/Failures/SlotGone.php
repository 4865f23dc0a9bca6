<?php

declare(strict_types=1);

namespace App\Failures;

use App\Timetables\SheetTimetable;
use App\Wording\Spell;
use App\Wording\WhyNot;
use Recess\Offer;

/** The slot cannot be had (any more); says why and what can be had instead. */
final class SlotGone extends \RuntimeException
{
    private function __construct(string $message, public readonly SheetTimetable $timetable, public readonly int $start)
    {
        parent::__construct($message);
    }

    public static function of(SheetTimetable $timetable, Offer $offer): self
    {
        $time = Spell::time($offer->slot->start, $timetable->zone);
        $what = WhyNot::say($offer->verdict, $time, $timetable->zone);

        return new self($what.' '.self::instead($timetable, $offer->slot->start), $timetable, $offer->slot->start);
    }

    public static function neverThere(SheetTimetable $timetable, int $start): self
    {
        return new self('There is no such time on this sheet. '.self::instead($timetable, $start), $timetable, $start);
    }

    private static function instead(SheetTimetable $timetable, int $start): string
    {
        $times = array_map(
            static function (Offer $offer) use ($timetable, $start): string {
                $time = Spell::time($offer->slot->start, $timetable->zone);
                $date = $timetable->zone->dateAt($offer->slot->start);

                return $date->equals($timetable->zone->dateAt($start)) ? $time : Spell::shortDate($date).' '.$time;
            },
            $timetable->nearestFree($start),
        );
        sort($times);

        return match (count($times)) {
            0 => 'Nothing else is free on this sheet now.',
            1 => $times[0].' is free.',
            default => Spell::list($times).' are free.',
        };
    }
}
