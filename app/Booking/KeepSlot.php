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
use App\Timetables\SheetAtHand;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Timetable;

/** Keeps a picked slot for a few minutes while its visitor types. One key keeps one slot of a sheet at a time. */
final class KeepSlot
{
    /** Live keeps from one network address on one sheet; further visitors pick without a keep, and book all the same. */
    private const FROM_ONE_ADDRESS = 6;

    public function __construct(private readonly TakeSeat $takeSeat, private readonly LetGo $letGo) {}

    /**
     * @return int|null the instant until which it is kept; null when too much is kept from there already
     *
     * @throws SlotGone when it cannot be had
     */
    public function __invoke(Sheet $sheet, Keep $keep, int $now): ?int
    {
        $until = $keep->until ?? $now + (int) config('recess.keep_seconds');
        $who = Asking::anybody($keep->keeper);
        try {
            $timetable = Contended::transaction(function () use ($sheet, $keep, $now, &$until, $who): ?Timetable {
                Guards::sheet($sheet);
                $sheet = SheetAtHand::held($sheet);
                if ($this->keptFrom($sheet, $keep, $now) >= self::FROM_ONE_ADDRESS) {
                    return null;
                }
                ($this->letGo)($sheet, $keep->keeper, butNot: $keep->start, with: $keep->host);
                $permit = Permit::of($sheet, $keep->start, new Claim($who, Claimant::Visitor, $now));
                $seat = ($this->takeSeat)(
                    $sheet->id,
                    $permit->timetable,
                    $permit->slot,
                    SeatWish::with($keep->host)->kept($keep->keeper, $until, $keep->for),
                );
                $row = Seat::query()->where('hold_id', $seat->holdId)->where('seat', $seat->seat);
                (clone $row)->update(['keeper_at' => $keep->at]);
                Announce::sheet($sheet->id);
                $until = $row->first()?->kept_until?->getTimestamp() ?? $until;

                return $permit->timetable;
            });
        } catch (UniqueConstraintViolationException | NoSeatLeft) {
            throw SlotGone::of(SheetAtHand::held($sheet), $keep->start, $now, $who, $keep->host);
        }
        if ($timetable === null) {
            return null;
        }
        Glance::strike($sheet, $timetable, $keep->start, $keep->keeper, $until);

        return $until;
    }

    /** How much is kept from one network address, but for whoever asks. */
    private function keptFrom(Sheet $sheet, Keep $keep, int $now): int
    {
        return Seat::query()
            ->join('holds', 'holds.id', '=', 'seats.hold_id')
            ->where('keeper_at', $keep->at)
            ->where('holds.sheet_id', $sheet->id)
            ->where('kept_until', '>', Instant::column($now))
            ->where('keeper', '!=', $keep->keeper)
            ->count();
    }
}
