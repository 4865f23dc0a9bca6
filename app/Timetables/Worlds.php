<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\PlaceKind;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Recess\Asker;
use Recess\Held;
use Recess\Rules\Claims;
use Recess\Rules\Engagement;
use Recess\Time\DateRange;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\World;

/** Reads what is held, kept and busy on some dates, and what is known of whoever asks; the core does the rest. */
final class Worlds
{
    /** For one sheet. */
    public static function of(Sheet $sheet, DateRange $dates, int $now, Asking $who): World
    {
        $hosts = $sheet->toCore()->hosts->all();
        $range = self::range($sheet, $dates);
        $held = array_map(static fn (\stdClass $row): Held => self::held($row, $sheet->id), self::holds($hosts, $range, $now, $who));

        return World::of($now, $held, self::busy($hosts, $range), self::asker($sheet, $who, $now), $dates);
    }

    /**
     * For many sheets at once, as anybody sees them, with as many questions as for one.
     *
     * @param  array<Sheet>  $sheets  of one school
     * @return array<int, World> by sheet
     */
    public static function ofAll(array $sheets, DateRange $dates, int $now): array
    {
        $first = reset($sheets);
        if ($first === false) {
            return [];
        }
        $hosts = array_values(array_unique(array_merge(...array_map(static fn (Sheet $sheet): array => $sheet->toCore()->hosts->all(), array_values($sheets)))));
        $range = self::range($first, $dates);
        $byHost = [];
        foreach (self::holds($hosts, $range, $now, Asking::anybody()) as $row) {
            $byHost[(int) $row->staff_id][] = $row;
        }
        $busy = self::busy($hosts, $range);
        $worlds = [];
        foreach ($sheets as $sheet) {
            $theirs = $sheet->toCore()->hosts->all();
            $held = [];
            foreach ($theirs as $host) {
                foreach ($byHost[$host] ?? [] as $row) {
                    $held[] = self::held($row, $sheet->id);
                }
            }
            $worlds[$sheet->id] = World::of($now, $held, array_intersect_key($busy, array_flip($theirs)), dates: $dates);
        }

        return $worlds;
    }

    /** From the first midnight to the end of the night after the last date: a block may pass midnight. */
    private static function range(Sheet $sheet, DateRange $dates): Span
    {
        $zone = $sheet->toCore()->zone;

        return Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 1440));
    }

    private static function held(\stdClass $row, int $sheet): Held
    {
        return new Held((int) $row->staff_id, self::span($row), (int) $row->live, (int) $row->sheet_id === $sheet, $row->with_hold_id !== null);
    }

    /**
     * Who is held when, and by how many; without what is kept for too long, or by whoever asks, or would be given up.
     *
     * @param  list<int>  $hosts
     * @return list<\stdClass>
     */
    private static function holds(array $hosts, Span $range, int $now, Asking $who): array
    {
        // The seats of a colleague's time are those of the hold that it goes with.
        return array_values(DB::select(
            'SELECT holds.staff_id, holds.sheet_id, holds.starts_at, holds.ends_at, holds.with_hold_id, COUNT(*) AS live'
            .' FROM holds JOIN seats ON seats.hold_id = COALESCE(holds.with_hold_id, holds.id)'
            .' WHERE holds.staff_id IN ('.implode(', ', $hosts).') AND holds.starts_at < ? AND holds.ends_at > ?'
            .' AND (seats.kept_until IS NULL OR (seats.kept_until > ? AND seats.keeper <> ?))'
            .($who->moving === null ? '' : ' AND NOT (seats.hold_id = ? AND seats.seat = ?)')
            .' GROUP BY holds.id, holds.staff_id, holds.sheet_id, holds.starts_at, holds.ends_at, holds.with_hold_id',
            [
                Instant::column($range->end), Instant::column($range->start), Instant::column($now), $who->keeper ?? '',
                ...($who->moving === null ? [] : [$who->moving->hold_id ?? 0, $who->moving->seat ?? 0]),
            ],
        ));
    }

    /**
     * @param  list<int>  $hosts
     * @return array<int, Spans> by host
     */
    private static function busy(array $hosts, Span $range): array
    {
        $busy = [];
        $rows = DB::select(
            'SELECT calendars.staff_id, busy_spans.starts_at, busy_spans.ends_at FROM calendars JOIN busy_spans ON busy_spans.calendar_id = calendars.id'
            .' WHERE calendars.staff_id IN ('.implode(', ', $hosts).') AND busy_spans.starts_at < ? AND busy_spans.ends_at > ?',
            [Instant::column($range->end), Instant::column($range->start)],
        );
        foreach ($rows as $row) {
            $busy[(int) $row->staff_id][] = self::span($row);
        }

        return array_map(Spans::of(...), $busy);
    }

    /** What is known of whoever asks: their bookings, and those about the student. */
    public static function asker(Sheet $sheet, Asking $who, int $now): Asker
    {
        if ($who->isHost) {
            return Asker::host();
        }
        $key = $who->student === '' ? '' : Booking::studentKey($who->student);
        $visitor = $about = [];
        foreach (self::bookings($sheet, $who, $key, $now) as $one) {
            if ((int) $one->id === $who->moving?->id) {
                continue;
            }
            if ((int) $one->pass_id === $who->passId || ($who->email !== '' && $one->email === $who->email)) {
                $visitor[] = $one;
            }
            if ($key !== '' && $one->student_key === $key) {
                $about[] = $one;
            }
        }

        return Asker::known(self::claims($sheet, $visitor), self::claims($sheet, $about), $who->placeId);
    }

    /**
     * What the visitor or the student has booked: on this sheet ever, on others from now on.
     *
     * @return list<\stdClass>
     */
    private static function bookings(Sheet $sheet, Asking $who, string $key, int $now): array
    {
        // Each way to know them by an index of its own; one question with "or" would read every booking there is.
        $ways = array_filter([
            'bookings.pass_id' => $who->passId, 'passes.email' => $who->email === '' ? null : $who->email, 'bookings.student_key' => $key === '' ? null : $key,
        ], static fn ($value): bool => $value !== null);
        $known = array_map(static fn (string $column): string => 'SELECT bookings.id, bookings.sheet_id, bookings.pass_id, passes.email, bookings.student_key, bookings.starts_at, bookings.ends_at, places.kind, places.label'
            .' FROM bookings JOIN passes ON passes.id = bookings.pass_id JOIN places ON places.id = bookings.place_id'
            ." WHERE $column = ? AND bookings.state IN (?, ?) AND (bookings.ends_at > ? OR bookings.sheet_id = ?)", array_keys($ways));
        $asked = array_map(static fn (int|string $value): array => [$value, BookingState::Booked->value, BookingState::Asked->value, Instant::column($now - 86_400), $sheet->id], array_values($ways));

        return $known === [] ? [] : array_values(DB::select(implode(' UNION ', $known), array_merge(...$asked)));
    }

    /** @param  list<\stdClass>  $bookings */
    private static function claims(Sheet $sheet, array $bookings): Claims
    {
        return new Claims(
            count(array_filter($bookings, static fn (\stdClass $one): bool => (int) $one->sheet_id === $sheet->id)),
            array_map(static fn (\stdClass $one): Engagement => new Engagement(self::span($one), $one->kind === PlaceKind::Room->value ? $one->label : null), $bookings),
        );
    }

    private static function span(\stdClass $row): Span
    {
        return Span::of(Instant::of($row->starts_at), Instant::of($row->ends_at));
    }
}
