<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Hold;
use App\Models\Seat;
use App\Models\Sheet;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Time\Span;

/**
 * Takes a seat of a slot, or throws; to be called inside a transaction.
 *
 * The database decides: a hold that overlaps another of the same staff member is refused, and so is a seat that is
 * taken (docs/decisions/0002-holds.md).
 */
final class TakeSeat
{
    /**
     * @param  list<int>  $hosts  who could be met, the first one preferred; one of them will be
     * @param  list<int>  $alongside  who has to be there too
     * @param  string|null  $keeper  hash of the key under which the seat may be kept already, or is to be kept
     * @param  int|null  $keptUntil  an instant, to keep the seat rather than take it for good
     *
     * @throws NoSeatLeft
     * @throws UniqueConstraintViolationException when somebody was quicker
     */
    public function __invoke(Sheet $sheet, Span $slot, array $hosts, array $alongside, int $seats, int $now, ?string $keeper = null, ?int $keptUntil = null): Seat
    {
        $kept = $keeper === null ? null : $this->kept($sheet, $slot, $keeper, $now);
        if ($kept !== null) {
            return $this->mark($kept, $keptUntil, $keeper);
        }
        $this->letGo($slot, [...$hosts, ...$alongside], $now);
        $refusal = new NoSeatLeft;
        foreach ($hosts as $host) {
            try {
                $hold = $this->hold($sheet, $slot, $host, $seats);
                foreach (array_diff($alongside, [$host]) as $colleague) {
                    $this->companion($sheet, $slot, $colleague, $hold);
                }

                return $this->mark((new Seat(['hold_id' => $hold->id, 'seat' => $this->lowestFree($hold, $seats)]))->setRelation('hold', $hold), $keptUntil, $keeper);
            } catch (UniqueConstraintViolationException|NoSeatLeft $failure) {
                $refusal = $failure;
            }
        }

        throw $refusal;
    }

    private function kept(Sheet $sheet, Span $slot, string $keeper, int $now): ?Seat
    {
        return Seat::query()->join('holds', 'holds.id', '=', 'seats.hold_id')
            ->where('keeper', $keeper)->where('kept_until', '>', gmdate('Y-m-d H:i:s', $now))
            ->where('holds.sheet_id', $sheet->id)
            ->where('holds.starts_at', gmdate('Y-m-d H:i:s', $slot->start))->where('holds.ends_at', gmdate('Y-m-d H:i:s', $slot->end))
            ->lockForUpdate()->first(['seats.*']);
    }

    private function mark(Seat $seat, ?int $keptUntil, ?string $keeper): Seat
    {
        $values = ['kept_until' => $keptUntil === null ? null : gmdate('Y-m-d H:i:s', $keptUntil), 'keeper' => $keptUntil === null ? null : $keeper];
        if ($seat->exists) {
            Seat::query()->where('hold_id', $seat->hold_id)->where('seat', $seat->seat)->update($values);
        } else {
            $seat->fill($values)->save();
        }

        return $seat;
    }

    /**
     * Seats that were kept for too long are given up, and holds that nobody needs any more with them.
     *
     * @param  list<int>  $hosts
     */
    private function letGo(Span $slot, array $hosts, int $now): void
    {
        $stale = Hold::query()->whereIn('staff_id', $hosts)
            ->where('starts_at', '<', gmdate('Y-m-d H:i:s', $slot->end))->where('ends_at', '>', gmdate('Y-m-d H:i:s', $slot->start))
            ->whereHas('seats', static fn ($seat) => $seat->where('kept_until', '<=', gmdate('Y-m-d H:i:s', $now)))
            ->pluck('id');
        foreach ($stale as $id) {
            Hold::query()->whereKey($id)->lockForUpdate()->first();
            Seat::query()->where('hold_id', $id)->where('kept_until', '<=', gmdate('Y-m-d H:i:s', $now))->delete();
            Hold::query()->whereKey($id)->whereDoesntHave('seats')->delete();
        }
    }

    /** The hold on the slot, made if there is none; locked, so that its seats are given out one by one. */
    private function hold(Sheet $sheet, Span $slot, int $host, int $seats): Hold
    {
        $span = $this->columns($sheet, $slot, $host);
        if ($seats === 1) {
            return Hold::query()->create($span);
        }

        $made = static fn (): ?Hold => Hold::query()->where($span)->whereNull('with_hold_id')->lockForUpdate()->first();
        try {
            return $made() ?? Hold::query()->create($span);
        } catch (UniqueConstraintViolationException $failure) {
            // Two came for the first seats of one group at once: the other made the hold, and there is room in it.
            return $made() ?? throw $failure;
        }
    }

    private function companion(Sheet $sheet, Span $slot, int $colleague, Hold $hold): void
    {
        Hold::query()->where('with_hold_id', $hold->id)->where('staff_id', $colleague)->exists()
            || Hold::query()->create($this->columns($sheet, $slot, $colleague) + ['with_hold_id' => $hold->id]);
    }

    /** @return array<string, mixed> */
    private function columns(Sheet $sheet, Span $slot, int $host): array
    {
        return [
            'staff_id' => $host,
            'sheet_id' => $sheet->id,
            'starts_at' => gmdate('Y-m-d H:i:s', $slot->start),
            'ends_at' => gmdate('Y-m-d H:i:s', $slot->end),
        ];
    }

    private function lowestFree(Hold $hold, int $seats): int
    {
        if ($seats === 1) {
            return 1;
        }
        $taken = $hold->seats()->lockForUpdate()->pluck('seat')->all();
        foreach (range(1, $seats) as $seat) {
            if (! in_array($seat, $taken, true)) {
                return $seat;
            }
        }

        throw new NoSeatLeft;
    }
}
