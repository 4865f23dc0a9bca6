<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Party;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\SheetAtHand;
use Illuminate\Database\UniqueConstraintViolationException;

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
     * @param  Party|null  $toldAs  whose doing it is, where somebody took what was offered to them
     * @param  int|null  $host  whom else the visitor is content to meet
     *
     * @throws SlotGone when it cannot be had; the booking is where it was
     * @throws NoInterpreter when it is free, and nobody who speaks their language is
     * @throws OtherHost when it can be had with somebody else alone
     */
    public function __invoke(Booking $booking, int $start, Party $by, string $note, int $now, ?int $host = null, ?Party $toldAs = null): Booking
    {
        if ($booking->span()->start === $start && ($host === null || $host === $booking->staff_id)) {
            return $booking;
        }
        $sheet = $booking->sheet;
        $who = Asking::moving($booking);
        try {
            return Contended::transaction(function () use ($booking, $sheet, $who, $start, $by, $note, $now, $host, $toldAs): Booking {
                Guards::booking($sheet, $who->email, $who->student);
                $sheet = SheetAtHand::held($sheet);
                $booking = Booking::query()->findOrFail($booking->id);
                if (! $booking->stands() || $booking->hold_id === null || $booking->seat === null) {
                    throw new NoSeatLeft;
                }
                [$timetable, $offer] = Permit::of($sheet, $start, Asking::moving($booking), $by, $now);
                if ($by === Party::Visitor && $timetable->hostsFor($offer->slot, $host ?? $booking->staff_id) === []) {
                    throw OtherHost::of($timetable->hostsFor($offer->slot), $offer->slot->start, $timetable->sheet->zone);
                }
                $change = $by !== Party::Visitor ? null : LastChange::made('moved', $now, [
                    'start' => $booking->span()->start, 'host' => $booking->staff_id, 'answers' => $booking->answers, 'link' => $booking->link,
                    'held' => $booking->held_until?->getTimestamp() ?? 0,
                ]);
                // All in one transaction: where the new time cannot be had, the old one was never given up.
                [$hold, $oldSeat] = [$booking->hold_id, $booking->seat];
                $booking->update(['hold_id' => null, 'seat' => null]);
                ($this->giveUpSeat)($hold, $oldSeat);
                $seat = ($this->takeSeat)(
                    $sheet->id, $timetable, $offer->slot, $by === Party::Visitor ? $host ?? $booking->staff_id : null, rather: $booking->staff_id,
                );

                return ($this->reseat)($booking, $seat, $toldAs ?? $by, $note, $change);
            });
        } catch (NoInterpreter $nobody) {
            throw $nobody;
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw SlotGone::of(SheetAtHand::held($sheet), $start, $now, $who, $by === Party::Visitor ? $host : null);
        }
    }
}
