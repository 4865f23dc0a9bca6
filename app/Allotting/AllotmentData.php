<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Round;
use App\Models\Sheet;
use App\Plans\Shortlist;
use Illuminate\Database\Eloquent\Collection;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/** A round's allotment as the office looks at it: how far it is, a picture of all meetings on one scale, and who did not get what and why. */
final class AllotmentData
{
    /** Of those who did not get something so many are listed; the table has all. */
    private const LISTED = 200;

    /**
     * How far it is, in few words: what is asked for each second while it runs.
     *
     * @param  int  $now  seconds since the epoch
     * @return AllotmentProgressShape as AllotmentProgress in docs/formats/recess.openapi.yaml
     */
    public static function progress(Round $round, ?Allotment $allotment, int $now): array
    {
        $sent = Shortlist::sent($round)->count();
        $families = $allotment === null ? 0 : $allotment->rows()->distinct()->count('pass_id');

        return [
            'id' => $allotment?->id,
            'state' => $allotment->state->value ?? 'none',
            'seed' => $allotment->seed ?? 0,
            'wishes' => $allotment->wishes ?? 0,
            'granted' => $allotment->granted ?? 0,
            'bound' => $allotment->bound ?? 0,
            'booked' => $allotment->booked ?? 0,
            'families' => $families,
            'said' => self::said($allotment, $families),
            'collecting' => $round->takesWishes($now),
            'until' =>
                $round->wishes_until === null
                    ? ''
                    : Spell::moment($round->wishes_until->getTimestamp(), $round->school->timeZone()),
            'sent' => $sent,
            'sent_said' => Words::say('allotting.sent', ['families' => $sent]),
        ];
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return AllotmentShape as Allotment in docs/formats/recess.openapi.yaml
     */
    public static function of(Round $round, int $now): array
    {
        $allotment = Allotment::last($round);

        return self::progress($round, $allotment, $now) + [
            'picture' => $allotment === null ? null : self::picture($round, $allotment),
        ];
    }

    private static function said(?Allotment $allotment, int $families): string
    {
        $values =
            $allotment === null
                ? []
                : [
                    'granted' => $allotment->granted,
                    'wishes' => $allotment->wishes,
                    'bound' => $allotment->bound,
                    'booked' => $allotment->booked,
                    'families' => $families,
                    'short' => $allotment->short,
                    'gone' => $allotment->rows()->where('told', true)->where('why', NotGranted::TimeGone)->count(),
                ];

        return Words::say(
            match ($allotment?->state) {
                null => 'allotting.none_yet',
                AllotmentState::Waiting => 'allotting.waiting',
                AllotmentState::Running => 'allotting.running',
                AllotmentState::Found => $allotment->short > 0
                    ? 'allotting.short'
                    : ($allotment->granted >= $allotment->bound
                        ? 'allotting.found_best'
                        : 'allotting.found'),
                AllotmentState::Booking => 'allotting.booking',
                AllotmentState::Booked => 'allotting.booked',
                AllotmentState::Failed => 'allotting.failed',
            },
            $values,
        );
    }

    /** @return AllotmentPictureShape|null */
    private static function picture(Round $round, Allotment $allotment): ?array
    {
        $rows = $allotment->rows()->with('pass')->get();
        if ($rows->isEmpty()) {
            return null;
        }
        $zone = $round->school->timeZone();
        $sheets = $round
            ->sheets()
            ->whereNull('put_away_at')
            ->with(['host', 'places'])
            ->get()
            ->sort(Alphabet::by(static fn(Sheet $one): string => $one->host->name))
            ->values();
        $hosts = $rowOf = $at = [];
        foreach ($sheets as $one) {
            // One person is one row, whatever parts they have.
            $row = $rowOf[$one->staff_id] ??= count($hosts);
            $at[$one->id] = $row;
            $place = (string) $one->places->first()?->label;
            $hosts[$row] ??= ['sheet' => $one->id, 'name' => $one->host->name, 'place' => $place];
        }
        $days = self::days($round, $zone);
        $families = $meetings = $not = [];
        foreach ($rows as $row) {
            $families[$row->pass_id] ??= ['name' => $row->pass->name, 'index' => count($families)];
            $common = [
                'id' => $row->id,
                'family' => $families[$row->pass_id]['index'],
                'host' => $at[$row->sheet_id] ?? null,
                'student' => $row->student,
                'rank' => $row->rank,
                'asked' => $row->asked,
            ];
            $span = $row->span();
            if ($span === null) {
                $not[] = $common + ['why' => $row->why?->said($row->host) ?? ''];
            } elseif (isset($at[$row->sheet_id])) {
                $day = $zone->dayAt($span->start);
                $meetings[] = [
                    ...$common,
                    'host' => $at[$row->sheet_id],
                    'day' => (int) array_search($day, array_keys($days), true),
                    'at' => intdiv($span->start - $days[$day]['start'], 60),
                    'length' => $span->minutes(),
                    'time' => (string) $zone->timeAt($span->start),
                    'pinned' => $row->pinned,
                ];
            }
        }
        usort(
            $not,
            static fn(array $a, array $b): int => [!$a['asked'], $a['rank'], $a['id']] <=> [
                !$b['asked'],
                $b['rank'],
                $b['id'],
            ],
        );

        return [
            'days' => array_map(
                static fn(array $day): array => [
                    'label' => $day['label'],
                    'minutes' => $day['minutes'],
                    'hours' => $day['hours'],
                ],
                array_values($days),
            ),
            'hosts' => array_values($hosts),
            'families' => array_column($families, 'name'),
            'meetings' => $meetings,
            ...self::withNothing($rows, $families),
            'not' => array_slice($not, 0, self::LISTED),
            'not_said' => Words::say('allotting.not_granted', [
                'count' => count($not),
                'listed' => min(count($not), self::LISTED),
            ]),
            'breaks' => self::breaks($allotment, $at, $days, $zone),
        ];
    }

    /**
     * Families that have nothing: each with why, and what would help. Whoever’s child another guardian meets somebody about is
     * none of them.
     *
     * @param  Collection<int, Allotted>  $rows
     * @param  array<int, array{name: string, index: int}>  $families  by pass
     * @return array{none: list<array{family: int, said: list<string>, helps: string}>, none_said: string}
     */
    private static function withNothing(Collection $rows, array $families): array
    {
        $none = [];
        foreach ($rows->groupBy('pass_id') as $pass => $theirs) {
            $why = $theirs->map(static fn(Allotted $row): ?NotGranted => $row->why)->filter();
            if ($why->count() < $theirs->count() || $why->contains(NotGranted::OtherGuardian)) {
                continue;
            }
            $none[] = [
                'family' => $families[(int) $pass]['index'],
                'said' => array_values(
                    $theirs->map(static fn(Allotted $row): string => $row->why?->said($row->host) ?? '')->all(),
                ),
                'helps' => Words::say(
                    'allotting.helps_' .
                        match (true) {
                            $why->contains(NotGranted::HostFull), $why->contains(NotGranted::TimeGone) => 'times',
                            $why->contains(NotGranted::Clashes) => 'other_hours',
                            $why->contains(NotGranted::NoInterpreter) => 'interpreter',
                            $why->contains(NotGranted::OutsideWindows) => 'other_hours',
                            default => 'another',
                        },
                ),
            ];
        }

        return [
            'none' => array_slice($none, 0, self::LISTED),
            'none_said' => Words::say('allotting.families_with_none', ['count' => count($none)]),
        ];
    }

    /** @return array<int, array{label: string, minutes: int, hours: list<array{at: int, said: string}>, start: int}> by day */
    private static function days(Round $round, Zone $zone): array
    {
        $days = [];
        foreach ($round->days() as $day => $span) {
            [$start, $end] = [$span->start, $span->end];
            $hours = [];
            for ($hour = $zone->instant(LocalDate::fromDay($day), 0); $hour <= $end; $hour += 3_600) {
                if ($hour >= $start) {
                    $hours[] = ['at' => intdiv($hour - $start, 60), 'said' => (string) $zone->timeAt($hour)];
                }
            }
            $days[$day] = [
                'label' => Spell::shortDate(LocalDate::fromDay($day)),
                'minutes' => intdiv($end - $start, 60),
                'hours' => $hours,
                'start' => $start,
            ];
        }

        return $days;
    }

    /**
     * @param  array<int, int>  $at  the row of each sheet's host
     * @param  array<int, array{start: int}>  $days
     * @return list<array{host: int, day: int, at: int, length: int}>
     */
    private static function breaks(Allotment $allotment, array $at, array $days, Zone $zone): array
    {
        $breaks = [];
        foreach ($allotment->breaks as ['sheet' => $sheet, 'start' => $start, 'end' => $end]) {
            $day = $zone->dayAt($start);
            if (isset($at[$sheet], $days[$day])) {
                $breaks[] = [
                    'host' => $at[$sheet],
                    'day' => (int) array_search($day, array_keys($days), true),
                    'at' => intdiv($start - $days[$day]['start'], 60),
                    'length' => intdiv($end - $start, 60),
                ];
            }
        }

        return $breaks;
    }
}
