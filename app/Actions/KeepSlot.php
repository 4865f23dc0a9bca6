<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failures\SlotGone;
use App\Models\Seat;
use App\Models\Sheet;
use App\Timetables\Glance;
use App\Timetables\Onlooker;
use App\Timetables\SheetAtHand;
use App\Timetables\SheetTimetable;
use Illuminate\Database\UniqueConstraintViolationException;

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
        $kept = Seat::query()->join('holds', 'holds.id', '=', 'seats.hold_id')->where('keeper_at', $at)
            ->where('holds.sheet_id', $sheet->id)->where('kept_until', '>', gmdate('Y-m-d H:i:s', $now))->where('keeper', '!=', $keeper)->count();
        if ($kept >= self::FROM_ONE_ADDRESS) {
            return null;
        }
        ($this->letGo)($sheet, $keeper, butNot: $start, with: $host);
        try {
            $timetable = Contended::transaction(function () use ($sheet, $start, $keeper, $at, $now, $until, $host): SheetTimetable {
                $sheet = SheetAtHand::held($sheet);
                $timetable = $this->timetable($sheet, $start, $now);
                $offer = $timetable->offerAt($start);
                if ($offer === null || (! $offer->verdict->isFree() && ! KeptFor::onlyThem($timetable, $offer, $keeper))) {
                    throw Refusal::of($timetable, $start, $host);
                }
                $seat = ($this->takeSeat)($sheet, $offer->slot, $timetable->hostsFor($offer->slot, $host), $sheet->mustBeThere(), $timetable->seatsOf($offer->slot), $now, $keeper, $until);
                Seat::query()->where('hold_id', $seat->holdId)->where('seat', $seat->seat)->update(['keeper_at' => $at]);

                return $timetable;
            });
            Glance::strike($timetable, $start, $keeper, $until);

            return $until;
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw ($host === null ? Glance::at($sheet->id, $sheet->stamp, $now)?->refusal($start, $now) : null) ?? Refusal::of($this->timetable($sheet, $start, $now), $start, $host);
        }
    }

    private function timetable(Sheet $sheet, int $start, int $now): SheetTimetable
    {
        return SheetTimetable::around($start, $sheet, $now, Onlooker::unknown());
    }
}
