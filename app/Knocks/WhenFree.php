<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\HostRole;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\School\SavedPlace;
use App\Timetables\People;
use App\Timetables\Presence;
use App\Timetables\Whereabouts;
use Recess\Common\AskedHours;
use Recess\Common\CommonTime;
use Recess\Rules\Travel;
use Recess\Time\DateRange;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;

/**
 * When the hosts of a knock can be asked: their hours, less all that they have to do otherwise. Their calendars, bookings and
 * holds count, and the stretches of their open sheets: those are booked there.
 */
final readonly class WhenFree
{
    /** Seconds: whoever is elsewhere so long before or after needs no more for the way. */
    private const NEAR = 86_400;

    /** @param  array<int, Spans>  $busy  by host */
    private function __construct(
        public Zone $zone,
        /** When they can be asked at all. */
        public Spans $windows,
        public array $busy,
    ) {}

    /**
     * As visitors are told.
     *
     * @param  non-empty-list<KnockTerms>  $terms  of all who have to be there
     * @param  string|null  $keeper  hash of a knock's key: what it keeps counts as free
     */
    public static function of(array $terms, DateRange $dates, int $now, ?string $keeper = null): self
    {
        $free = self::within(KnockTerms::hoursOfAll($terms), $terms, $dates, $now, $keeper);
        $soonest = $now + 3600 * max(array_map(static fn(KnockTerms $one): int => $one->lead_hours, $terms));
        $furthest = self::furthest($terms, $free->zone, $now);
        $reach = $soonest < $furthest ? Spans::of([Span::of($soonest, $furthest)]) : Spans::none();

        return new self($free->zone, $free->windows->overlap($reach), $free->busy);
    }

    /**
     * As a host may name other times: at hours of their own choice, from now on.
     *
     * @param  non-empty-list<KnockTerms>  $terms
     */
    public static function forHost(array $terms, DateRange $dates, int $now, ?string $keeper = null): self
    {
        $free = self::within(
            AskedHours::of(array_fill_keys(range(1, 7), AskedHours::typed('7:00 to 21:00'))),
            $terms,
            $dates,
            $now,
            $keeper,
        );

        return new self($free->zone, $free->windows->subtract(Spans::of([Span::of(0, $now)])), $free->busy);
    }

    public function hosts(): CommonTime
    {
        return CommonTime::of($this->windows, array_values($this->busy));
    }

    public function with(Spans $own): CommonTime
    {
        return CommonTime::of($this->windows, [...array_values($this->busy), $own]);
    }

    /** Where it could be if nobody had anything to do. */
    public function allowed(): CommonTime
    {
        return CommonTime::of($this->windows, []);
    }

    /** When whoever holds a pass is elsewhere, with the way there and back; what is kept for them counts too. */
    public static function ofPass(Pass $pass, Span $range, ?SavedPlace $place, Travel $travel, int $now): Spans
    {
        $there = $place === null ? null : $place->kind->spot($place->label);

        return Spans::of(
            array_map(static function (Presence $one) use ($travel, $there): Span {
                $walk = $travel->minutes($there, $one->place) * 60;

                return $one->span->widened($walk, $walk);
            }, Whereabouts::of(People::passes($pass->id)->andKept($now), $range->widened(self::NEAR, self::NEAR))),
        );
    }

    /** @param  non-empty-list<KnockTerms>  $terms */
    private static function within(AskedHours $hours, array $terms, DateRange $dates, int $now, ?string $keeper): self
    {
        $school = $terms[0]->host->school;
        $zone = $school->timeZone();
        $range = Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 0));
        $hosts = array_map(static fn(KnockTerms $one): int => $one->staff_id, $terms);
        $busy = Whereabouts::ofStaff($hosts, $range, $now, $keeper);
        foreach (self::sheets($hosts) as $sheet) {
            $stretches = Spans::of($sheet->toCore()->stretches($dates->first->plusDays(-1), $dates->last->plusDays(1)));
            foreach (array_intersect($sheet->toCore()->hosts->all(), $hosts) as $host) {
                $busy[$host] = $busy[$host]->union($stretches);
            }
        }

        return new self($zone, $hours->windows($dates, $zone, $school->closedDays()), $busy);
    }

    /**
     * @param  non-empty-list<int>  $hosts
     * @return list<Sheet> the open sheets for whose meetings they are there
     */
    private static function sheets(array $hosts): array
    {
        return array_values(
            Sheet::query()
                ->whereIn('state', [SheetState::Open, SheetState::Paused])
                ->whereNull('put_away_at')
                ->where('kind', '!=', SheetKind::Knock)
                ->where(
                    static fn($one) => $one
                        ->whereIn('staff_id', $hosts)
                        ->orWhereHas(
                            'colleagues',
                            static fn($colleague) => $colleague
                                ->whereIn('staff_id', $hosts)
                                ->whereIn('role', [HostRole::Must, HostRole::Any]),
                        ),
                )
                ->with(Sheet::PARTS)
                ->get()
                ->all(),
        );
    }

    /** @param  non-empty-list<KnockTerms>  $terms */
    private static function furthest(array $terms, Zone $zone, int $now): int
    {
        $days = min(array_map(static fn(KnockTerms $one): int => $one->ahead_days, $terms));

        return $zone->instant($zone->dateAt($now)->plusDays($days + 1), 0);
    }
}
