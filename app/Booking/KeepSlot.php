<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Live\Announce;
use App\Models\Instant;
use App\Models\Seat;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Glance;
use App\Timetables\Guards;
use App\Timetables\Judge;
use App\Timetables\SheetAtHand;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Timetable;

/** Keeps a picked slot for a few minutes while its visitor types. One key keeps one slot of a sheet at a time. */
final class KeepSlot
{
    /** Live keeps from one network address on one sheet; further visitors pick without a keep, and book all the same. */
    private const FROM_ONE_ADDRESS = 6;

    public function __construct(private readonly TakeSeat $takeSeat, private readonly LetGo $letGo)
    {
    }

    /**
     * @param  string  $keeper  hash of the visitor's key
     * @param  string  $at  keyed hash of the visitor's network address
     * @param  int|null  $host  of hosts of whom one is enough, the one who is wished for
     * @return int|null the instant until which it is kept; null when too much is kept from there already
     *
     * @throws SlotGone when it cannot be had
     */
    public function __invoke(Sheet $sheet, int $start, string $keeper, string $at, int $now, ?int $until = null, ?int $host = null): ?int
    {
        $until ??= $now + (int) config('recess.keep_seconds');
        $who = Asking::anybody($keeper);
        try {
            $timetable = Contended::transaction(function () use ($sheet, $start, $keeper, $at, $now, &$until, $host, $who): ?Timetable {
                Guards::sheet($sheet);
                $sheet = SheetAtHand::held($sheet);
                if ($this->keptFrom($sheet, $at, $keeper, $now) >= self::FROM_ONE_ADDRESS) {
                    return null;
                }
                ($this->letGo)($sheet, $keeper, butNot: $start, with: $host);
                $timetable = Judge::at($start, $sheet, $now, $who);
                $offer = $timetable->offerAt($start);
                if ($offer === null || ! $offer->verdict->isFree()) {
                    throw new NoSeatLeft;
                }
                $seat = ($this->takeSeat)($sheet->id, $timetable, $offer->slot, $host, $keeper, $until);
                $row = Seat::query()->where('hold_id', $seat->holdId)->where('seat', $seat->seat);
                (clone $row)->update(['keeper_at' => $at]);
                Announce::sheet($sheet->id);
                $until = $row->first()?->kept_until?->getTimestamp() ?? $until;

                return $timetable;
            });
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw SlotGone::of(SheetAtHand::held($sheet), $start, $now, $who, $host);
        }
        if ($timetable === null) {
            return null;
        }
        Glance::strike($sheet, $timetable, $start, $keeper, $until);

        return $until;
    }

    /** How much is kept from one network address, but for whoever asks. */
    private function keptFrom(Sheet $sheet, string $at, string $keeper, int $now): int
    {
        return Seat::query()->join('holds', 'holds.id', '=', 'seats.hold_id')->where('keeper_at', $at)
            ->where('holds.sheet_id', $sheet->id)->where('kept_until', '>', Instant::column($now))->where('keeper', '!=', $keeper)->count();
    }
}
