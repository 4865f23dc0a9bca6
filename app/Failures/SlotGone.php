<?php

declare(strict_types=1);

namespace App\Failures;

use App\Timetables\SheetTimetable;
use App\Wording\Spell;
use App\Wording\WhyNot;
use Recess\Offer;
use Recess\Rules\Because;
use Recess\Rules\Reason;
use Recess\Rules\State;
use Recess\Rules\Verdict;
use Recess\Time\Span;
use Recess\Time\Zone;

/** The slot cannot be had (any more); says why and what can be had instead. */
final class SlotGone extends \RuntimeException
{
    /** @param  list<Span>  $nearest  what is free instead, the closest first */
    private function __construct(string $what, int $start, public readonly array $nearest, public readonly Zone $zone)
    {
        parent::__construct($what.' '.self::instead($nearest, $start, $zone));
    }

    /** @param  int|null  $host  the one of several whom it has to be */
    public static function of(SheetTimetable $timetable, Offer $offer, ?int $host = null): self
    {
        // Free, but not with the one who was wished for.
        $verdict = $host !== null && $offer->verdict->isFree() ? Verdict::against([new Reason(Because::NoSeat, State::Taken)]) : $offer->verdict;

        return self::because($verdict, $offer->slot->start, $timetable->nearestFree($offer->slot->start, $host), $timetable->zone);
    }

    /** @param  list<Span>  $nearest */
    public static function because(Verdict $verdict, int $start, array $nearest, Zone $zone): self
    {
        return new self(WhyNot::say($verdict, Spell::time($start, $zone), $zone), $start, $nearest, $zone);
    }

    public static function neverThere(SheetTimetable $timetable, int $start, ?int $host = null): self
    {
        return new self('There is no such time on this sheet.', $start, $timetable->nearestFree($start, $host), $timetable->zone);
    }

    /** @param  list<Span>  $nearest */
    private static function instead(array $nearest, int $start, Zone $zone): string
    {
        $times = array_map(
            static function (Span $slot) use ($start, $zone): string {
                $time = Spell::time($slot->start, $zone);
                $date = $zone->dateAt($slot->start);

                return $date->equals($zone->dateAt($start)) ? $time : Spell::shortDate($date).' '.$time;
            },
            $nearest,
        );
        sort($times);

        return match (count($times)) {
            0 => 'Nothing else is free on this sheet now.',
            1 => $times[0].' is free.',
            default => Spell::list($times).' are free.',
        };
    }
}
