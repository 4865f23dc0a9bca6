<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Instant;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Recess\Time\Span;
use Recess\Timetable;

/**
 * Takes a seat of a slot, or throws; to be called inside a transaction that has raised the sheet's guards.
 *
 * The database decides: a hold that overlaps another of the same staff member is refused, and so is a seat that is
 * taken (docs/decisions/0002-holds.md). This is where everybody meets when a round opens, so it speaks to the tables
 * directly, and asks nothing that the refusal would tell it too.
 */
final class TakeSeat
{
    /**
     * @param  Timetable  $timetable  who judges with whom it can be and how many seats there are
     *
     * @throws NoSeatLeft
     * @throws UniqueConstraintViolationException when somebody was quicker
     */
    public function __invoke(int $sheet, Timetable $timetable, Span $slot, SeatWish $wish): TakenSeat
    {
        $seat = $this->seat($sheet, $timetable, $slot, $wish);
        $whole = $timetable->whole($slot) ?? throw new NoSeatLeft();
        if ($whole->equals($slot)) {
            return $seat;
        }
        $this->holdRest($sheet, Span::of($slot->end, $whole->end), $seat, $timetable->world->now);

        return new TakenSeat($seat->holdId, $seat->seat, $seat->staffId, $whole);
    }

    /** Whoever is met for longer has the times after theirs too; they go with the hold, as a colleague's time does. */
    private function holdRest(int $sheet, Span $rest, TakenSeat $seat, int $now): void
    {
        $held = DB::table('holds')
            ->where('with_hold_id', $seat->holdId)
            ->where('staff_id', $seat->staffId)
            ->where('starts_at', Instant::column($rest->start));
        if ($held->exists()) {
            // Of a group's whose longest is shorter than this one.
            $held
                ->where('ends_at', '<', Instant::column($rest->end))
                ->update(['ends_at' => Instant::column($rest->end)]);

            return;
        }
        $this->letGo($rest, [$seat->staffId], $now);
        $this->newHold($sheet, $rest, $seat->staffId, $seat->holdId);
    }

    /**
     * @throws NoSeatLeft
     * @throws UniqueConstraintViolationException
     */
    private function seat(int $sheet, Timetable $timetable, Span $slot, SeatWish $wish): TakenSeat
    {
        $now = $timetable->world->now;
        $mark =
            $wish->until === null
                ? ['kept_until' => null, 'keeper' => null, 'keeper_at' => null, 'pass_id' => null]
                : [
                    'kept_until' => Instant::column($wish->until),
                    'keeper' => $wish->keeper,
                    'pass_id' => $wish->for,
                ];
        $kept = $wish->keeper === null ? null : $this->kept($sheet, $slot, $wish->keeper, $now);
        if ($kept !== null) {
            // To look at it again makes it no longer: what is kept for five minutes is, and what is offered for two hours.
            if ($wish->until === null) {
                DB::table('seats')->where('hold_id', $kept->holdId)->where('seat', $kept->seat)->update($mark);
            }

            return $kept;
        }
        $hosts = $timetable->hostsFor($slot, $wish->host);
        usort($hosts, static fn(int $a, int $b): int => ($b === $wish->rather) <=> ($a === $wish->rather));
        $alongside = $timetable->sheet->hosts->alongside;
        $seats = $timetable->seatsEach($slot);
        // One person's whole slot: whether somebody's time ran out on it is asked only when it is refused.
        $plain = $seats === 1 && $alongside === [];
        if (!$plain) {
            $this->letGo($slot, [...$hosts, ...$alongside], $now);
        }
        $refusal = new NoSeatLeft();
        foreach ($hosts as $one) {
            try {
                $hold = $plain
                    ? $this->plainHold($sheet, $slot, $one, $now)
                    : $this->sharedHold($sheet, $slot, $one, $seats, $alongside);
                $seat = new TakenSeat($hold, $this->lowestFree($hold, $seats), $one, $slot);
                DB::table('seats')->insert(['hold_id' => $seat->holdId, 'seat' => $seat->seat] + $mark);

                return $seat;
            } catch (UniqueConstraintViolationException | NoSeatLeft $failure) {
                $refusal = $failure;
            }
        }
        throw $refusal;
    }

    private function kept(int $sheet, Span $slot, string $keeper, int $now): ?TakenSeat
    {
        $seat = DB::table('seats')
            ->join('holds', 'holds.id', '=', 'seats.hold_id')
            ->where('keeper', $keeper)
            ->where('kept_until', '>', Instant::column($now))
            ->where('holds.sheet_id', $sheet)
            ->where('holds.starts_at', Instant::column($slot->start))
            ->where('holds.ends_at', Instant::column($slot->end))
            ->first(['seats.hold_id', 'seats.seat', 'holds.staff_id']);

        return $seat === null
            ? null
            : new TakenSeat((int) $seat->hold_id, (int) $seat->seat, (int) $seat->staff_id, $slot);
    }

    private function plainHold(int $sheet, Span $slot, int $host, int $now): int
    {
        try {
            return $this->newHold($sheet, $slot, $host);
        } catch (UniqueConstraintViolationException $failure) {
            if (!$this->letGo($slot, [$host], $now)) {
                throw $failure;
            }

            return $this->newHold($sheet, $slot, $host);
        }
    }

    /**
     * The hold on the slot, made if there is none, with those who have to be there.
     *
     * @param  list<int>  $alongside
     */
    private function sharedHold(int $sheet, Span $slot, int $host, int $seats, array $alongside): int
    {
        $made = fn(): ?int => $seats === 1
            ? null
            : self::id($this->at($sheet, $slot, $host)->whereNull('with_hold_id')->value('id'));
        $hold = $made() ?? $this->newHold($sheet, $slot, $host);
        foreach ($alongside as $colleague) {
            DB::table('holds')->where('with_hold_id', $hold)->where('staff_id', $colleague)->exists() ||
                $this->newHold($sheet, $slot, $colleague, $hold);
        }

        return $hold;
    }

    private function newHold(int $sheet, Span $slot, int $host, ?int $with = null): int
    {
        return DB::table('holds')->insertGetId([
            'staff_id' => $host,
            'sheet_id' => $sheet,
            'starts_at' => Instant::column($slot->start),
            'ends_at' => Instant::column($slot->end),
            'with_hold_id' => $with,
        ]);
    }

    /**
     * Seats that were kept for too long are given up, and holds that nobody needs any more with them.
     *
     * @param  list<int>  $hosts
     * @return bool whether there were any
     */
    private function letGo(Span $slot, array $hosts, int $now): bool
    {
        $late = static fn(Builder $seats): Builder => $seats->where('kept_until', '<=', Instant::column($now));
        // A colleague's time goes with the hold whose seats were kept.
        $stale = DB::table('holds')
            ->whereIn('staff_id', $hosts)
            ->where('starts_at', '<', Instant::column($slot->end))
            ->where('ends_at', '>', Instant::column($slot->start))
            ->whereExists(
                static fn(Builder $seats) => $late(
                    $seats->from('seats')->whereRaw('seats.hold_id = COALESCE(holds.with_hold_id, holds.id)'),
                ),
            )
            ->selectRaw('COALESCE(with_hold_id, id) AS id')
            ->pluck('id')
            ->unique()
            ->all();
        foreach ($stale as $id) {
            $late(DB::table('seats')->where('hold_id', $id))->delete();
            DB::table('holds')
                ->where('id', $id)
                ->whereNotExists(static fn(Builder $seats) => $seats->from('seats')->where('seats.hold_id', $id))
                ->delete();
        }

        return $stale !== [];
    }

    private function at(int $sheet, Span $slot, int $host): Builder
    {
        return DB::table('holds')->where([
            'staff_id' => $host,
            'sheet_id' => $sheet,
            'starts_at' => Instant::column($slot->start),
            'ends_at' => Instant::column($slot->end),
        ]);
    }

    private function lowestFree(int $hold, int $seats): int
    {
        if ($seats === 1) {
            return 1;
        }
        $taken = DB::table('seats')->where('hold_id', $hold)->pluck('seat')->all();
        foreach (range(1, $seats) as $seat) {
            if (!in_array($seat, $taken, true)) {
                return $seat;
            }
        }

        throw new NoSeatLeft();
    }

    private static function id(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
