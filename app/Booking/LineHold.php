<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Instant;
use App\Models\Secret;
use App\Models\Sheet;
use App\Timetables\Asking;
use Illuminate\Support\Facades\DB;

/**
 * A time that came free where somebody waits is held for those who do, from the instant at which it came free until
 * one of them has it or none wants it. It is held as a time is kept for whoever types, so that whoever judges sees it
 * taken, and no rule of its own says so. To be called inside a transaction that has raised the sheet's guard.
 */
final class LineHold
{
    public function __construct(private readonly KeepSlot $keep, private readonly LetGo $letGo) {}

    /**
     * Once for each seat that came free there.
     *
     * @param  int  $start  the instant at which the time begins
     * @param  int|null  $host  of several hosts the one with whom it came free
     * @param  int  $now  seconds since the epoch
     * @return bool whether it is held: not where it cannot be booked any more, or somebody has it
     */
    public function hold(Sheet $sheet, int $start, ?int $host, int $now): bool
    {
        $held = array_column($this->held($sheet, $start, $now), 'keeper');
        $keeper = self::keeper($sheet->id, $start, 0);
        for ($another = 1; in_array($keeper, $held, true); $another++) {
            $keeper = self::keeper($sheet->id, $start, $another);
        }
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
        return $this->held($sheet, $start, $now) !== [];
    }

    /** One seat of it, of several with this host: for whoever takes it back or is offered it in the same transaction. */
    public function release(Sheet $sheet, int $start, ?int $host, int $now): void
    {
        $one = $this->one($sheet, $start, $host, $now);
        $one === null || ($this->letGo)($sheet, $one);
    }

    /** All of it is free for others. */
    public function end(Sheet $sheet, int $start, int $now): void
    {
        foreach ($this->held($sheet, $start, $now) as $one) {
            ($this->letGo)($sheet, $one['keeper']);
        }
    }

    /** The same asker to whom what is held for the line is free. */
    public function seenBy(Asking $who, Sheet $sheet, int $start, ?int $host, int $now): Asking
    {
        $one = $this->one($sheet, $start, $host, $now);

        return $one === null ? $who : $who->keeping($one);
    }

    private function one(Sheet $sheet, int $start, ?int $host, int $now): ?string
    {
        $held = array_column($this->held($sheet, $start, $now), 'keeper', 'host');

        return $held[$host] ?? (array_values($held)[0] ?? null);
    }

    /** @return list<array{keeper: string, host: int}> what is held of it for the line */
    private function held(Sheet $sheet, int $start, int $now): array
    {
        // Where a visitor's keep says from which network it came, the line's says its own key again.
        $held = DB::table('seats')
            ->join('holds', 'holds.id', '=', 'seats.hold_id')
            ->where('holds.sheet_id', $sheet->id)
            ->where('holds.starts_at', Instant::column($start))
            ->where('kept_until', '>', Instant::column($now))
            ->whereColumn('keeper', 'keeper_at')
            ->get(['keeper', 'holds.staff_id'])
            ->all();

        return array_map(
            static fn(\stdClass $one): array => ['keeper' => (string) $one->keeper, 'host' => (int) $one->staff_id],
            array_values($held),
        );
    }

    /** The hash under which one seat of it is held. */
    private static function keeper(int $sheet, int $start, int $which): string
    {
        return Secret::hash("line|$sheet|$start|$which");
    }
}
