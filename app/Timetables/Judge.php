<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Sheet;
use Recess\Sheet as CoreSheet;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Timetable;

/** A sheet put before the core, with the world on the dates that are asked about and no more. */
final class Judge
{
    /** Days before and after a slot that are looked at for what can be had instead. */
    private const NEAR = 15;

    /** Of what can be had instead of a slot, so many are named. */
    public const NEAREST = 3;

    /** Days of the first look for a free time; each further look is three times as long. */
    private const LOOK = 28;

    /** The same where many sheets are looked at: most of them have something soon. */
    private const GLANCE = 7;

    /** @param  CoreSheet|null  $as  as it would be, where that is not as it stands */
    public static function over(Sheet $sheet, DateRange $dates, int $now, Asking $who, ?CoreSheet $as = null): Timetable
    {
        return Timetable::of($as ?? $sheet->toCore(), Worlds::of($sheet, $dates, $now, $who));
    }

    /** The date of a slot, and the one before: a block may pass midnight. Enough to decide about one slot. */
    public static function at(int $instant, Sheet $sheet, int $now, Asking $who, ?CoreSheet $as = null): Timetable
    {
        $day = $sheet->toCore()->zone->dateAt($instant);

        return self::over($sheet, DateRange::of($day->plusDays(-1), $day), $now, $who, $as);
    }

    /** The days around a slot: what is free instead lies near. */
    public static function around(int $instant, Sheet $sheet, int $now, Asking $who, ?CoreSheet $as = null): Timetable
    {
        $day = $sheet->toCore()->zone->dateAt($instant);

        return self::over(
            $sheet,
            DateRange::of($day->plusDays(-self::NEAR), $day->plusDays(self::NEAR)),
            $now,
            $who,
            $as,
        );
    }

    /**
     * The first so many dates that have something to come, and where the next ones begin.
     *
     * @return array{Timetable, LocalDate|null}
     */
    public static function page(Sheet $sheet, ?LocalDate $from, int $atMost, int $now, Asking $who): array
    {
        $core = $sheet->toCore();
        $today = $core->zone->dateAt($now);
        // What began yesterday may pass midnight, and be still to come.
        [$dates, $later] = $core->firstDates($from ?? $today->plusDays(-1), $atMost, $today, $now);

        return [self::over($sheet, $dates ?? DateRange::day($today), $now, $who), $later];
    }

    /**
     * The same as its host sees it, with dates that are over.
     *
     * @return array{Timetable, LocalDate|null}
     */
    public static function pageOfAll(Sheet $sheet, LocalDate $from, int $atMost, int $now): array
    {
        $core = $sheet->toCore();
        $today = $core->zone->dateAt($now);
        [$dates, $later] = $core->firstDates($from, $atMost, $today);

        return [self::over($sheet, $dates ?? DateRange::day($today), $now, Asking::host()), $later];
    }

    /** The first time from now on that can be had. */
    public static function firstFree(Sheet $sheet, int $now, Asking $who, ?LocalDate $from = null): ?Span
    {
        $core = $sheet->toCore();
        $today = $core->zone->dateAt($now);
        [$first, $end] = $core->reach($today);
        // What began yesterday may pass midnight.
        $start = max($first->day, ($from ?? $today->plusDays(-1))->day);
        for ($look = self::LOOK; $start < $end->day; $look *= 3) {
            $last = min($start + $look, $end->day) - 1;
            $free = self::over(
                $sheet,
                DateRange::of(LocalDate::fromDay($start), LocalDate::fromDay($last)),
                $now,
                $who,
            )->firstFree();
            if ($free !== null) {
                return $free->slot;
            }
            $start = $last + 1;
        }

        return null;
    }

    /** All of a sheet that is still to come; null when nothing is. For a sheet of which nothing can be had: to say why, and when it opens. */
    public static function toCome(Sheet $sheet, int $now, Asking $who): ?Timetable
    {
        $core = $sheet->toCore();
        $today = $core->zone->dateAt($now);
        $dates = $core->dates($today);

        return $dates === null || $dates->last->isBefore($today)
            ? null
            : self::over(
                $sheet,
                DateRange::of($dates->first->isBefore($today) ? $today : $dates->first, $dates->last),
                $now,
                $who,
            );
    }

    /**
     * The first free time of many sheets of one school at once, as anybody sees them; of those with none, when they open.
     *
     * @param  array<int, CoreSheet>  $sheets  by number
     * @return array<int, Soonest> by sheet
     */
    public static function soonestOfAll(array $sheets, int $now): array
    {
        $first = reset($sheets);
        if ($first === false) {
            return [];
        }
        $found = array_fill_keys(array_keys($sheets), new Soonest());
        $today = $first->zone->dateAt($now);
        $reach = array_map(static fn(CoreSheet $sheet): array => $sheet->reach($today), $sheets);
        $begins = array_map(static fn(array $one): int => $one[0]->day, $reach);
        // What began yesterday may pass midnight; before the first of them begins there is nothing to look at.
        $start = max($today->day - 1, min([$first->reach($today)[0]->day, ...$begins]));
        for ($look = self::GLANCE; $sheets !== []; $look *= 3) {
            $end = $start + $look;
            $dates = DateRange::of(LocalDate::fromDay($start), LocalDate::fromDay($end - 1));
            $some = array_filter($sheets, static fn(int $id): bool => $begins[$id] < $end, ARRAY_FILTER_USE_KEY);
            foreach (Worlds::ofAll($some, $dates, $now) as $id => $world) {
                $timetable = Timetable::of($sheets[$id], $world);
                $found[$id] = $found[$id]->or($timetable->firstFree()?->slot, $timetable);
                if ($found[$id]->free !== null || $reach[$id][1]->day <= $end) {
                    unset($sheets[$id]);
                }
            }
            $start = $end;
        }

        return $found;
    }
}
