<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\Judge;
use App\Timetables\SheetAtHand;
use App\Timetables\Worlds;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Offer;
use Recess\Timetable;

/**
 * Moves a booking to another slot of its sheet. The old time is given up only when the new one is theirs, in one
 * transaction. Place and host stay; a visitor is asked before they meet somebody else.
 */
final class MoveBooking
{
    public function __construct(
        private readonly TakeSeat $takeSeat,
        private readonly GiveUpSeat $giveUpSeat,
        private readonly Reseat $reseat,
    ) {
    }

    /**
     * @param  int  $start  the instant at which the new slot begins
     * @param  int|null  $host  whom else the visitor is content to meet
     *
     * @throws SlotGone when it cannot be had; the booking is where it was
     * @throws OtherHost when it can be had with somebody else alone
     */
    public function __invoke(Booking $booking, int $start, Party $by, string $note, int $now, ?int $host = null): Booking
    {
        if ($booking->span()->start === $start && ($host === null || $host === $booking->staff_id)) {
            return $booking;
        }
        $sheet = $booking->sheet;
        $who = Asking::moving($booking);
        try {
            return Contended::transaction(function () use ($booking, $sheet, $who, $start, $by, $note, $now, $host): Booking {
                Guards::booking($sheet, $who->email, $who->student);
                $sheet = SheetAtHand::held($sheet);
                $booking = Booking::query()->findOrFail($booking->id);
                if (! $booking->stands() || $booking->hold_id === null || $booking->seat === null) {
                    throw new NoSeatLeft;
                }
                [$timetable, $offer] = $this->offer($sheet, $booking, $start, $by, $now);
                if ($by === Party::Visitor && $timetable->hostsFor($offer->slot, $host ?? $booking->staff_id) === []) {
                    throw OtherHost::of($timetable->hostsFor($offer->slot), $offer->slot->start, $timetable->sheet->zone);
                }
                $change = $by !== Party::Visitor ? null : LastChange::made('moved', $now, [
                    'start' => $booking->span()->start, 'host' => $booking->staff_id, 'answers' => $booking->answers, 'link' => $booking->link, 'held' => $booking->held_until?->getTimestamp() ?? 0,
                ]);
                // All in one transaction: where the new time cannot be had, the old one was never given up.
                [$hold, $oldSeat] = [$booking->hold_id, $booking->seat];
                $booking->update(['hold_id' => null, 'seat' => null]);
                ($this->giveUpSeat)($hold, $oldSeat);
                $seat = ($this->takeSeat)($sheet->id, $timetable, $offer->slot, $by === Party::Visitor ? $host ?? $booking->staff_id : null, rather: $booking->staff_id);

                return ($this->reseat)($booking, $offer->slot, $seat, $by, $note, $change);
            });
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw SlotGone::of(SheetAtHand::held($sheet), $start, $now, $who, $by === Party::Visitor ? $host : null);
        }
    }

    /**
     * @return array{Timetable, Offer}
     *
     * @throws NoSeatLeft when it cannot be had
     * @throws NotAsFilledIn when it cannot be had by them, for a reason on another pass
     */
    private function offer(Sheet $sheet, Booking $booking, int $start, Party $by, int $now): array
    {
        $who = Asking::moving($booking);
        $timetable = Judge::at($start, $sheet, $now, $who);
        $offer = $timetable->offerAt($start);
        $mayBe = static fn (?Offer $one): bool => $one !== null && $by->mayHave($one->verdict);
        if ($offer === null || ! $mayBe($offer)) {
            throw new NoSeatLeft;
        }
        if (! $mayBe($timetable->seenBy(Worlds::asker($sheet, $who->across(), $now))->offerAt($start))) {
            throw new NotAsFilledIn($sheet);
        }

        return [$timetable, $offer];
    }
}
