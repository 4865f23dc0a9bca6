<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Instant;
use App\Models\Seat;
use App\Models\Secret;
use App\Models\Sheet;
use App\Timetables\Asking;

/**
 * A time that came free where somebody waits is held for those who do, from the instant at which it came free until
 * one of them has it or none wants it. It is held as a time is kept for whoever types, so that whoever judges sees it
 * taken, and no rule of its own says so. To be called inside a transaction that has raised the sheet's guard.
 */
final class LineHold
{
    public function __construct(private readonly KeepSlot $keep, private readonly LetGo $letGo) {}

    /** The hash under which it is held; whoever asks with it sees the time free. */
    public static function keeper(int $sheet, int $start): string
    {
        return Secret::hash("line|$sheet|$start");
    }

    /**
     * @param  int  $start  the instant at which the time begins
     * @param  int|null  $host  of several hosts the one with whom it came free
     * @param  int  $now  seconds since the epoch
     * @return bool whether it is held: not where it cannot be booked any more, or somebody has it
     */
    public function hold(Sheet $sheet, int $start, ?int $host, int $now): bool
    {
        $keeper = self::keeper($sheet->id, $start);
        try {
            // Until it begins: what cannot be offered any more is let go before.
            $until = ($this->keep)($sheet, new Keep($start, $keeper, $keeper, max($start, $now + 1), $host), $now);

            return $until !== null;
        } catch (SlotGone | NotAsFilledIn) {
            return false;
        }
    }

    public function isHeld(Sheet $sheet, int $start, int $now): bool
    {
        return Seat::query()
            ->where('keeper', self::keeper($sheet->id, $start))
            ->where('kept_until', '>', Instant::column($now))
            ->exists();
    }

    /** Free for others, or for whoever takes it back or is offered it in the same transaction. */
    public function release(Sheet $sheet, int $start): void
    {
        ($this->letGo)($sheet, self::keeper($sheet->id, $start));
    }

    /** The same asker to whom what is held for the line is free. */
    public static function seenBy(Asking $who, int $sheet, int $start): Asking
    {
        return $who->keeping(self::keeper($sheet, $start));
    }
}
