<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Sheet;
use Recess\Asker;
use Recess\Held;
use Recess\Sheet as CoreSheet;
use Recess\Time\DateRange;
use Recess\Time\Span;
use Recess\World;

/** Reads what is held, kept and busy on some dates, and what is known of whoever asks; the core does the rest. */
final class Worlds
{
    /** For one sheet. */
    public static function of(Sheet $sheet, DateRange $dates, int $now, Asking $who): World
    {
        $range = self::range($sheet->toCore(), $dates);
        [$rows, $busy] = Whereabouts::holds($sheet->toCore()->hosts->all(), $range, $now, $who);
        $held = array_map(
            static fn(\stdClass $row): Held => self::held($row, Whereabouts::span($row), $sheet->id),
            $rows,
        );

        return World::of($now, $held, $busy, self::asker($sheet, $who, $now), $dates);
    }

    /**
     * For many sheets at once, with as many questions as for one; as anybody sees them, or as somebody does.
     *
     * @param  array<int, CoreSheet>  $sheets  of one school, by number
     * @return array<int, World> by sheet
     */
    public static function ofAll(array $sheets, DateRange $dates, int $now, ?Asking $who = null): array
    {
        $first = reset($sheets);
        if ($first === false) {
            return [];
        }
        $hosts = $held = [];
        foreach ($sheets as $id => $sheet) {
            foreach ($sheet->hosts->all() as $host) {
                $hosts[$host][] = $id;
            }
        }
        $range = self::range($first, $dates);
        $as = Asking::anybody()->insteadOfAll($who->givenUp ?? []);
        [$rows, $busy] = Whereabouts::holds(array_keys($hosts), $range, $now, $as);
        foreach ($rows as $row) {
            $span = Whereabouts::span($row);
            foreach ($hosts[(int) $row->staff_id] as $id) {
                $held[$id][] = self::held($row, $span, $id);
            }
        }
        $askers = $who === null ? [] : Askers::of(array_keys($sheets), $who, $now);
        $worlds = [];
        foreach ($sheets as $id => $sheet) {
            $worlds[$id] = World::of(
                $now,
                $held[$id] ?? [],
                $busy === [] ? [] : array_intersect_key($busy, array_flip($sheet->hosts->all())),
                $askers[$id] ?? null,
                $dates,
            );
        }

        return $worlds;
    }

    /** From the first midnight to the end of the night after the last date: a block may pass midnight. */
    private static function range(CoreSheet $sheet, DateRange $dates): Span
    {
        $zone = $sheet->zone;

        return Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 1440));
    }

    private static function held(\stdClass $row, Span $span, int $sheet): Held
    {
        return new Held(
            (int) $row->staff_id,
            $span,
            (int) $row->live,
            (int) $row->sheet_id === $sheet,
            $row->with_hold_id !== null,
        );
    }

    /** What is known of whoever asks. */
    public static function asker(Sheet $sheet, Asking $who, int $now): Asker
    {
        return Askers::of([$sheet->id], $who, $now)[$sheet->id];
    }
}
