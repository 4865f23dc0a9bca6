<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\AskedAlong;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Timetables\HostCard;
use Recess\Fitting\Cost;
use Recess\Fitting\Left;
use Recess\Fitting\Why;
use Recess\Time\Span;
use Recess\Time\Zone;

/** A found plan as a page draws it: each day's meetings on an upright ruler, with the ways and the waiting between. */
final class PlanData
{
    /** @return RoundPlanShape as RoundPlan in docs/formats/recess.openapi.yaml */
    public static function of(FindPlan $found): array
    {
        $zone = $found->round->school->timeZone();
        $days = [];
        foreach ($found->plan->meetings as $id => $span) {
            $days[$zone->dayAt($span->start)][$id] = $span;
        }

        return [
            'days' => array_map(
                static fn(array $meetings): array => self::day($found, $meetings, $zone),
                array_values($days),
            ),
            'left' => array_map(static fn(Left $left): array => self::left($found, $left, $zone), $found->plan->left),
            'best' => $found->plan->best,
            'said' => self::saidOfBest($found),
        ];
    }

    /**
     * @param  non-empty-array<string, Span>  $meetings
     * @return array{date: string, label: string, said: string, meetings: list<PlannedMeetingShape>}
     */
    private static function day(FindPlan $found, array $meetings, Zone $zone): array
    {
        $first = $meetings[array_key_first($meetings)];
        $cost = Cost::of($meetings, $zone);
        $rows = [];
        $before = null;
        foreach ($meetings as $id => $span) {
            $rows[] = [
                ...self::meeting($found->meant($id), $span, $zone),
                'between' => $before === null ? null : self::between($found, $before, [$id, $span]),
            ];
            $before = [$id, $span];
        }

        return [
            'date' => (string) $zone->dateAt($first->start),
            'label' => Spell::date($zone->dateAt($first->start)),
            'said' => Words::say('rounds.day_said', [
                'from' => Spell::time($first->start, $zone),
                'until' => Spell::time(end($meetings)->end, $zone),
                'waiting' => intdiv($cost->waiting, 60),
            ]),
            'meetings' => $rows,
        ];
    }

    /**
     * @param  array{string, Span}  $before
     * @param  array{string, Span}  $after
     * @return array{minutes: int, said: string} the way and the waiting between two meetings
     */
    private static function between(FindPlan $found, array $before, array $after): array
    {
        $gap = intdiv($after[1]->start - $before[1]->end, 60);
        $way = min($gap, intdiv($found->between->seconds($found->places[$before[0]], $found->places[$after[0]]), 60));

        return [
            'minutes' => $gap,
            'said' => Words::say(
                match (true) {
                    $gap === 0 => 'rounds.between_none',
                    $way === 0 => 'rounds.between_wait',
                    $way === $gap => 'rounds.between_way',
                    default => 'rounds.between_both',
                },
                ['way' => $way, 'wait' => $gap - $way],
            ),
        ];
    }

    /** @return PlannedMeetingShape */
    private static function meeting(Booking|Pick $of, Span $span, Zone $zone): array
    {
        $booked = $of instanceof Booking;

        return [
            'sheet' => $of->sheet->slug,
            'host' => HostCard::of($booked ? $of->host : $of->sheet->host),
            'student' => $of->student,
            'place' => $booked ? $of->place->label : (string) $of->sheet->places->first()?->label,
            'booked' => $booked,
            'booking' => $of instanceof Pick ? $of->booking?->id : null,
            'was' =>
                $of instanceof Pick && $of->booking !== null && $of->booking->span()->start !== $span->start
                    ? Words::say('rounds.was', ['moment' => Spell::moment($of->booking->span()->start, $zone)])
                    : '',
            'key' => SlotKey::of($span->start),
            'length' => $span->minutes(),
            'from' => (string) $zone->timeAt($span->start),
            'until' => (string) $zone->timeAt($span->end),
            'between' => null,
        ];
    }

    /** @return array{sheet: string, student: string, why: string, join: bool, otherwise: array{key: string, said: string}|null} */
    private static function left(FindPlan $found, Left $left, Zone $zone): array
    {
        $of = $found->meant($left->id);
        $others = array_map(static fn(string $id): string => self::host($found->meant($id)), $left->with);
        $values = [
            'host' => self::host($of),
            'others' => Spell::list(array_values(array_unique($others))),
            'child' => $of->student,
            'apart' => $of instanceof Pick ? $of->apart() : 'no',
        ];
        $key = match (true) {
            $found->lacksInterpreter($left->id) => 'left_interpreter',
            $left->why === Why::NothingFree => $of instanceof Pick && $of->isTakenForChild($found->passId)
                ? 'left_child'
                : 'left_nothing',
            $left->why === Why::OutsideWindows => 'left_outside',
            default => 'left_clashes',
        };
        $otherwise = $left->otherwise;
        if ($otherwise !== null) {
            $days = array_map(static fn(Span $one): int => $zone->dayAt($one->start), $found->plan->meetings);
            $time = in_array($zone->dayAt($otherwise->start), $days, true)
                ? Spell::time($otherwise->start, $zone)
                : Spell::moment($otherwise->start, $zone);
            $values += ['time' => $time, 'until' => Spell::time($otherwise->end, $zone)];
            $key .= $found->canStayFor($otherwise) ? '_stay' : '_come';
        }

        return [
            'sheet' => $of->sheet->slug,
            'student' => $of->student,
            'why' => Words::say("rounds.$key", $values),
            'join' => $key === 'left_child' && AskedAlong::on($of->sheet),
            'otherwise' =>
                $otherwise === null
                    ? null
                    : [
                        'key' => SlotKey::of($otherwise->start),
                        'said' => Words::say('rounds.take_otherwise', [
                            'time' => Spell::time($otherwise->start, $zone),
                        ]),
                    ],
        ];
    }

    private static function host(Booking|Pick $of): string
    {
        return $of instanceof Booking ? $of->host->name : $of->sheet->host->name;
    }

    private static function saidOfBest(FindPlan $found): string
    {
        $plan = $found->plan;
        if ($plan->best) {
            return '';
        }

        return $plan->mostMeetings > count($plan->meetings)
            ? Words::say('rounds.not_proven_meetings', ['most' => $plan->mostMeetings])
            : Words::say('rounds.not_proven');
    }
}
