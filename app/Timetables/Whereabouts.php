<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\PlaceKind;
use Illuminate\Support\Facades\DB;
use Recess\Time\Span;
use Recess\Time\Spans;

/**
 * Who is where: all that people are in during a range, whether they booked it, are brought to it, interpret there, have
 * it on another pass or keep it. Judge, plan, knock, allotment, move and absence ask here, and nothing else reckons it.
 */
final class Whereabouts
{
    /** No meeting is longer than a day, in seconds: what began earlier is over. */
    private const LONGEST = 86_400;

    /** Of so many people at a time it is asked. */
    private const AT_ONCE = 500;

    /**
     * Of visitors and students. What is found by an address or a student's name may be somebody else's: it is to decide
     * by, and not to be told.
     *
     * @param  People  $people  who is looked for
     * @param  Span  $range  in which; what reaches into it counts
     * @param  list<int>  $sheets  on which all counts that they have, however long ago
     * @return list<Presence>
     */
    public static function of(People $people, Span $range, array $sheets = []): array
    {
        $reach = [Instant::column($range->start), Instant::column($range->end)];
        $found = [];
        foreach ($people->columns() as $column => $values) {
            foreach (array_chunk($values, self::AT_ONCE) as $some) {
                $found[] = [self::meetings($column, $some, $sheets), [...$some, ...$reach]];
                if (!str_starts_with($column, 'bookings.student')) {
                    $found[] = [self::brought($column, $some), [...$some, ...$reach]];
                }
            }
        }
        if ($people->keptAt !== null && $people->passes !== []) {
            $found[] = [self::kept($people->passes), [...$people->passes, Instant::column($people->keptAt)]];
        }

        // One question for all, each way by an index of its own: with "or" it would read every booking there is.
        return $found === []
            ? []
            : array_map(
                self::presence(...),
                array_values(
                    DB::select(implode(' UNION ', array_column($found, 0)), array_merge(...array_column($found, 1))),
                ),
            );
    }

    /**
     * When staff are not free, for whatever reason: they meet, interpret, are there too, somebody keeps their time, or
     * their calendars say so.
     *
     * @param  non-empty-list<int>  $staff
     * @param  string|null  $keeper  hash of a key; what is kept under it counts as free
     * @param  list<Booking>  $givenUp  what is held for them counts as free
     * @return array<int, Spans> by number
     */
    public static function ofStaff(
        array $staff,
        Span $range,
        int $now,
        ?string $keeper = null,
        array $givenUp = [],
    ): array {
        [$rows, $busy] = self::holds(
            $staff,
            $range,
            $now,
            Asking::visitor(null, null, '')->insteadOfAll($givenUp)->keeping($keeper),
        );
        $held = array_fill_keys($staff, []);
        foreach ($rows as $row) {
            $held[(int) $row->staff_id][] = self::span($row);
        }
        $all = [];
        foreach ($held as $one => $spans) {
            $all[$one] = Spans::of([...$spans, ...($busy[$one] ?? Spans::none())->all()]);
        }

        return $all;
    }

    /**
     * Whose time is held when, and by how many; without what is kept for too long, or by whoever asks, or would be
     * given up. And when their calendars say that they are busy. One question for both.
     *
     * @param  list<int>  $staff
     * @return array{list<\stdClass>, array<int, Spans>} the holds, and the busy times by number
     */
    public static function holds(array $staff, Span $range, int $now, Asking $who): array
    {
        $theirs = implode(', ', $staff);
        // The seats of a colleague's time are those of the hold that it goes with. A row a seat: adding them up here is
        // quicker.
        $rows = DB::select(
            'SELECT holds.id, holds.staff_id, holds.sheet_id, UNIX_TIMESTAMP(holds.starts_at) AS starts,' .
                ' UNIX_TIMESTAMP(holds.ends_at) AS ends, holds.with_hold_id, 1 AS live' .
                ' FROM holds JOIN seats ON seats.hold_id = COALESCE(holds.with_hold_id, holds.id)' .
                " WHERE holds.staff_id IN ($theirs)" .
                ' AND holds.starts_at > ? AND holds.starts_at < ? AND holds.ends_at > ?' .
                ' AND (seats.kept_until IS NULL OR (seats.kept_until > ? AND seats.keeper <> ?))' .
                ' AND (seats.hold_id, seats.seat) NOT IN (' .
                implode(', ', array_fill(0, max(1, count($who->givenUp)), '(?, ?)')) .
                ')' .
                ' UNION ALL SELECT NULL, calendars.staff_id, NULL, UNIX_TIMESTAMP(busy_spans.starts_at),' .
                ' UNIX_TIMESTAMP(busy_spans.ends_at), NULL, 0' .
                ' FROM calendars JOIN busy_spans ON busy_spans.calendar_id = calendars.id' .
                " WHERE calendars.staff_id IN ($theirs) AND busy_spans.starts_at < ? AND busy_spans.ends_at > ?",
            [
                Instant::column($range->start - self::LONGEST),
                Instant::column($range->end),
                Instant::column($range->start),
                Instant::column($now),
                $who->keeper ?? '',
                ...array_merge(
                    $who->givenUp === [] ? [0, 0] : [],
                    ...array_map(
                        static fn(Booking $one): array => [$one->hold_id ?? 0, $one->seat ?? 0],
                        $who->givenUp,
                    ),
                ),
                Instant::column($range->end),
                Instant::column($range->start),
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

    /** The connection's own clock is UTC (config/database.php): the database has made its columns seconds already. */
    public static function span(\stdClass $row): Span
    {
        return Span::of((int) $row->starts, (int) $row->ends);
    }

    /**
     * @param  list<int|string>  $values
     * @param  list<int>  $sheets
     */
    private static function meetings(string $column, array $values, array $sheets): string
    {
        $standing = "'" . implode("', '", array_column(BookingState::standing(), 'value')) . "'";
        $always = $sheets === [] ? '' : ' OR bookings.sheet_id IN (' . implode(', ', $sheets) . ')';

        // One whose time is being given up for another has no hold just now, and is nowhere.
        return 'SELECT bookings.id, bookings.sheet_id, bookings.pass_id, passes.email, bookings.student_key,' .
            ' 1 AS own, UNIX_TIMESTAMP(bookings.starts_at) AS starts, UNIX_TIMESTAMP(bookings.ends_at) AS ends,' .
            ' places.kind, places.label, bookings.student_id FROM bookings JOIN passes ON passes.id = bookings.pass_id' .
            ' JOIN places ON places.id = bookings.place_id' .
            " WHERE $column IN (" .
            self::marks($values) .
            ") AND bookings.state IN ($standing) AND bookings.hold_id IS NOT NULL" .
            " AND ((bookings.ends_at > ? AND bookings.starts_at < ?)$always)";
    }

    /** @param  list<int|string>  $values */
    private static function brought(string $column, array $values): string
    {
        $column = $column === 'bookings.pass_id' ? 'guests.pass_id' : $column;

        return "SELECT bookings.id, bookings.sheet_id, guests.pass_id, passes.email, '', 0," .
            ' UNIX_TIMESTAMP(bookings.starts_at), UNIX_TIMESTAMP(bookings.ends_at), places.kind, places.label, NULL' .
            ' FROM guests JOIN passes ON passes.id = guests.pass_id JOIN bookings ON bookings.id = guests.booking_id' .
            ' JOIN places ON places.id = bookings.place_id' .
            " WHERE $column IN (" .
            self::marks($values) .
            ') AND guests.left_at IS NULL AND bookings.hold_id IS NOT NULL' .
            ' AND bookings.ends_at > ? AND bookings.starts_at < ?';
    }

    /** @param  list<int>  $passes */
    private static function kept(array $passes): string
    {
        return "SELECT NULL, holds.sheet_id, seats.pass_id, NULL, '', 0, UNIX_TIMESTAMP(holds.starts_at)," .
            ' UNIX_TIMESTAMP(holds.ends_at), NULL, NULL, NULL FROM seats' .
            ' JOIN holds ON holds.id = seats.hold_id WHERE seats.pass_id IN (' .
            self::marks($passes) .
            ') AND seats.kept_until > ?';
    }

    /** @param  list<int|string>  $values */
    private static function marks(array $values): string
    {
        return implode(', ', array_fill(0, count($values), '?'));
    }

    private static function presence(\stdClass $row): Presence
    {
        return new Presence(
            $row->id === null ? null : (int) $row->id,
            (int) $row->sheet_id,
            (int) $row->pass_id,
            $row->email,
            (string) $row->student_key,
            (bool) $row->own,
            self::span($row),
            PlaceKind::tryFrom((string) $row->kind)?->spot((string) $row->label),
            $row->student_id === null ? null : (int) $row->student_id,
        );
    }
}
