<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Party;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\Judge;
use App\Timetables\SheetAtHand;
use App\Timetables\Worlds;
use Illuminate\Database\UniqueConstraintViolationException;

/** Moves a booking to another slot of its sheet. The old time is given up only when the new one is theirs, in one transaction. */
final class MoveBooking
{
    public function __construct(
        private readonly TakeSeat $takeSeat,
        private readonly GiveUpSeat $giveUpSeat,
    ) {
    }

    /**
     * @param  int  $start  the instant at which the new slot begins
     *
     * @throws SlotGone when it cannot be had; the booking is where it was
     */
    public function __invoke(Booking $booking, int $start, Party $by, string $note, int $now): Booking
    {
        if ($booking->span()->start === $start) {
            return $booking;
        }
        $sheet = $booking->sheet;
        $who = Asking::moving($booking);
        try {
            return Contended::transaction(function () use ($booking, $sheet, $who, $start, $by, $note, $now): Booking {
                Guards::booking($sheet, $who->email, $who->student);
                $sheet = SheetAtHand::held($sheet);
                $booking = Booking::query()->findOrFail($booking->id);
                $timetable = Judge::at($start, $sheet, $now, Asking::moving($booking));
                $offer = $timetable->offerAt($start);
                $mayBe = $offer !== null && ($by === Party::Visitor ? $offer->verdict->isFree() : $offer->verdict->hostMayPass());
                if (! $mayBe || ! $booking->stands() || $booking->hold_id === null || $booking->seat === null) {
                    throw new NoSeatLeft;
                }
                $across = $timetable->seenBy(Worlds::asker($sheet, Asking::moving($booking)->across(), $now))->offerAt($start)?->verdict;
                if (! ($by === Party::Visitor ? $across?->isFree() : $across?->hostMayPass())) {
                    throw new NotAsFilledIn;
                }
                // All in one transaction: where the new time cannot be had, the old one was never given up.
                [$hold, $oldSeat, $was] = [$booking->hold_id, $booking->seat, $booking->span()->start];
                $booking->update(['hold_id' => null, 'seat' => null]);
                ($this->giveUpSeat)($hold, $oldSeat);
                $seat = ($this->takeSeat)($sheet->id, $timetable, $offer->slot);
                $booking->moveTo($offer->slot, $seat->holdId, $seat->seat, $seat->staffId);
                event(new BookingNews($booking->refresh(), Occasion::Moved, $by, $note, $was));

                return $booking;
            });
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw SlotGone::of(SheetAtHand::held($sheet), $start, $now, $who);
        }
    }
}
