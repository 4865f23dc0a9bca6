<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\Instant;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Recess\Asker;
use Recess\Held;
use Recess\Sheet as CoreSheet;
use Recess\Time\DateRange;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\World;

/** Reads what is held, kept and busy on some dates, and what is known of whoever asks; the core does the rest. */
final class Worlds
{
    /** No meeting is longer than a day, in seconds: what began earlier is over. */
    private const LONGEST = 86_400;

    /** For one sheet. */
    public static function of(Sheet $sheet, DateRange $dates, int $now, Asking $who): World
    {
        $range = self::range($sheet->toCore(), $dates);
        [$rows, $busy] = self::known($sheet->toCore()->hosts->all(), $range, $now, $who);
        $held = array_map(static fn (\stdClass $row): Held => self::held($row, self::span($row), $sheet->id), $rows);

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
        [$rows, $busy] = self::known(array_keys($hosts), $range, $now, Asking::anybody());
        foreach ($rows as $row) {
            $span = self::span($row);
            foreach ($hosts[(int) $row->staff_id] as $id) {
                $held[$id][] = self::held($row, $span, $id);
            }
        }
        $askers = $who === null ? [] : Askers::of(array_keys($sheets), $who, $now);
        $worlds = [];
        foreach ($sheets as $id => $sheet) {
            $worlds[$id] = World::of(
                $now, $held[$id] ?? [], $busy === [] ? [] : array_intersect_key($busy, array_flip($sheet->hosts->all())), $askers[$id] ?? null, $dates,
            );
        }

        return $worlds;
    }

    /**
     * When people are not free, for whatever reason: held, kept, or busy by their calendars.
     *
     * @param  non-empty-list<int>  $hosts
     * @param  string|null  $keeper  hash of a key; what is kept under it counts as free
     * @param  Booking|null  $moving  what is held for it counts as free
     * @return array<int, Spans> by host
     */
    public static function engaged(array $hosts, Span $range, int $now, ?string $keeper = null, ?Booking $moving = null): array
    {
        [$rows, $busy] = self::known($hosts, $range, $now, Asking::visitor(null, null, '', moving: $moving, keeper: $keeper));
        $held = array_fill_keys($hosts, []);
        foreach ($rows as $row) {
            $held[(int) $row->staff_id][] = self::span($row);
        }
        $all = [];
        foreach ($held as $host => $spans) {
            $all[$host] = Spans::of([...$spans, ...($busy[$host] ?? Spans::none())->all()]);
        }

        return $all;
    }

    /** From the first midnight to the end of the night after the last date: a block may pass midnight. */
    private static function range(CoreSheet $sheet, DateRange $dates): Span
    {
        $zone = $sheet->zone;

        return Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 1440));
    }

    private static function held(\stdClass $row, Span $span, int $sheet): Held
    {
        return new Held((int) $row->staff_id, $span, (int) $row->live, (int) $row->sheet_id === $sheet, $row->with_hold_id !== null);
    }

    /**
     * Who is held when, and by how many; without what is kept for too long, or by whoever asks, or would be given up. And
     * when the hosts' calendars say that they are busy. One question for both.
     *
     * @param  list<int>  $hosts
     * @return array{list<\stdClass>, array<int, Spans>} the holds, and the busy times by host
     */
    private static function known(array $hosts, Span $range, int $now, Asking $who): array
    {
        $theirs = implode(', ', $hosts);
        // The seats of a colleague's time are those of the hold that it goes with. A row a seat: adding them up here is quicker.
        $rows = DB::select(
            'SELECT holds.id, holds.staff_id, holds.sheet_id, UNIX_TIMESTAMP(holds.starts_at) AS starts, UNIX_TIMESTAMP(holds.ends_at) AS ends, holds.with_hold_id, 1 AS live'
            .' FROM holds JOIN seats ON seats.hold_id = COALESCE(holds.with_hold_id, holds.id)'
            ." WHERE holds.staff_id IN ($theirs) AND holds.starts_at > ? AND holds.starts_at < ? AND holds.ends_at > ?"
            .' AND (seats.kept_until IS NULL OR (seats.kept_until > ? AND seats.keeper <> ?)) AND NOT (seats.hold_id = ? AND seats.seat = ?)'
            .' UNION ALL SELECT NULL, calendars.staff_id, NULL, UNIX_TIMESTAMP(busy_spans.starts_at), UNIX_TIMESTAMP(busy_spans.ends_at), NULL, 0'
            .' FROM calendars JOIN busy_spans ON busy_spans.calendar_id = calendars.id'
            ." WHERE calendars.staff_id IN ($theirs) AND busy_spans.starts_at < ? AND busy_spans.ends_at > ?",
            [
                Instant::column($range->start - self::LONGEST), Instant::column($range->end), Instant::column($range->start),
                Instant::column($now), $who->keeper ?? '', $who->moving->hold_id ?? 0, $who->moving->seat ?? 0,
                Instant::column($range->end), Instant::column($range->start),
            ],
        );
        $holds = $busy = [];
        foreach ($rows as $row) {
            if ($row->id === null) {
                $busy[(int) $row->staff_id][] = self::span($row);
            } elseif (isset($holds[$row->id])) {
                $holds[$row->id]->live++;
            } else {
                $holds[$row->id] = $row;
            }
        }

        return [array_values($holds), array_map(Spans::of(...), $busy)];
    }

    /** What is known of whoever asks. */
    public static function asker(Sheet $sheet, Asking $who, int $now): Asker
    {
        return Askers::of([$sheet->id], $who, $now)[$sheet->id];
    }

    /** The connection's own clock is UTC (config/database.php), so the database has turned its columns into seconds already. */
    private static function span(\stdClass $row): Span
    {
        return Span::of((int) $row->starts, (int) $row->ends);
    }
}
