<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Glance;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use App\Timetables\WhyNot;
use Recess\Asker;
use Recess\Rules\State;
use Recess\Rules\Verdict;
use Recess\Time\Span;
use Recess\Time\Zone;

/** The slot cannot be had (any more); says why and what can be had instead. */
final class SlotGone extends Refused
{
    /** @param  list<Span>  $nearest  what is free instead, the closest first */
    private function __construct(
        string $what,
        int $start,
        public readonly array $nearest,
        public readonly Zone $zone,
        private readonly bool $ofStudent = false,
    ) {
        parent::__construct(
            $ofStudent && $nearest === [] ? $what : $what . ' ' . self::instead($nearest, $start, $zone),
        );
    }

    /**
     * What is said to whoever cannot have a slot; and others who come too late hear it sooner.
     *
     * @param  int|null  $host  the one of several whom it has to be
     */
    public static function of(Sheet $sheet, int $start, int $now, Asking $who, ?int $host = null): self
    {
        $timetable = Judge::around($start, $sheet, $now, $who);
        if (Glance::at($sheet->id, $sheet->stamp, $now) === null) {
            Glance::keep(
                $sheet,
                $who->keeper === null && $who->givenUp === []
                    ? $timetable->seenBy(Asker::anybody())
                    : Judge::around($start, $sheet, $now, Asking::anybody()),
            );
        }
        $offer = $timetable->offerAt($start);
        $nearest = $timetable->nearestFree($start, Judge::NEAREST, $host);
        if ($offer === null) {
            return new self(Words::say('booking.no_such_time'), $start, $nearest, $timetable->sheet->zone);
        }

        // Free, but not with the one who was wished for; or taken between the look and the grab.
        return self::because(
            $offer->verdict->isFree() ? Glance::taken() : $offer->verdict,
            $start,
            $nearest,
            $timetable->sheet->zone,
        );
    }

    /** The same from what was seen a moment ago. */
    public static function glanced(Glance $glance, int $start, int $now): self
    {
        return self::because(Glance::taken(), $start, $glance->nearestFree($start, $now), $glance->zone);
    }

    /** @param  list<Span>  $nearest */
    private static function because(Verdict $verdict, int $start, array $nearest, Zone $zone): self
    {
        return new self(
            WhyNot::say($verdict, Spell::time($start, $zone), $zone),
            $start,
            $nearest,
            $zone,
            $verdict->reasons[0]->because->isOfStudent(),
        );
    }

    protected function more(\Illuminate\Http\Request $request): array
    {
        return [
            'of_student' => $this->ofStudent,
            'nearest' => array_map(
                fn(Span $slot): array => RulerData::slot($slot, State::Free, $this->zone),
                $this->nearest,
            ),
        ];
    }

    /** @param  list<Span>  $nearest */
    private static function instead(array $nearest, int $start, Zone $zone): string
    {
        usort($nearest, static fn(Span $a, Span $b): int => $a->start <=> $b->start);
        $times = array_map(static function (Span $slot) use ($start, $zone): string {
            $time = Spell::time($slot->start, $zone);
            $date = $zone->dateAt($slot->start);

            return $date->equals($zone->dateAt($start)) ? $time : Spell::shortDate($date) . ' ' . $time;
        }, $nearest);

        return Words::say('booking.these_free', ['count' => count($times), 'times' => Spell::list($times)]);
    }
}
