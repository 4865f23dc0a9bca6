<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\BookingNews;
use App\Failures\SlotGone;
use App\Mail\Occasion;
use App\Models\Booking;
use App\Models\Hold;
use App\Models\Party;
use App\Models\Sheet;
use App\Timetables\Onlooker;
use App\Timetables\SheetAtHand;
use App\Timetables\SheetTimetable;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Rules\Because;
use Recess\Rules\Reason;

/** Moves a booking to another slot of its sheet. The old time is given up only when the new one is theirs, in one transaction. */
final class MoveBooking
{
    /** What a host may pass over, who knows their own times; a visitor may not. */
    private const HOSTS_CHOICE = [Because::TooSoon, Because::TooFarAhead, Because::NotOpenYet, Because::NoLongerOpen, Because::DayFull, Because::VisitorHasEnough, Because::StudentHasEnough, Because::SheetPaused, Because::SheetClosed];

    public function __construct(
        private readonly TakeSeat $takeSeat,
        private readonly GiveUpSeat $giveUpSeat,
        private readonly LockPeople $lockPeople,
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
        try {
            return Contended::transaction(function () use ($booking, $sheet, $start, $by, $note, $now): Booking {
                ($this->lockPeople)((string) $booking->pass->email, $booking->student);
                $sheet = SheetAtHand::held($sheet);
                $this->lockHold($booking);
                $booking = Booking::query()->lockForUpdate()->findOrFail($booking->id);
                $timetable = $this->timetable($sheet, $booking, $start, $now);
                $offer = $timetable->offerAt($start) ?? throw Refusal::of($timetable, $start);
                $against = array_filter($offer->verdict->reasons, static fn (Reason $reason): bool => $by === Party::Visitor || ! in_array($reason->because, self::HOSTS_CHOICE, true));
                if ($against !== [] || ! $booking->stands() || $booking->hold_id === null || $booking->seat === null) {
                    throw Refusal::of($timetable, $start);
                }
                [$oldHold, $oldSeat] = [$booking->hold_id, $booking->seat];
                $seat = ($this->takeSeat)($sheet, $offer->slot, $timetable->hostsFor($offer->slot), $sheet->mustBeThere(), $timetable->seatsOf($offer->slot), $now);
                $booking->update([
                    'hold_id' => $seat->holdId,
                    'seat' => $seat->seat,
                    'staff_id' => $seat->staffId,
                    'starts_at' => gmdate('Y-m-d H:i:s', $offer->slot->start),
                    'ends_at' => gmdate('Y-m-d H:i:s', $offer->slot->end),
                    'sequence' => $booking->sequence + 1,
                ]);
                ($this->giveUpSeat)($oldHold, $oldSeat);
                event(new BookingNews($booking->refresh(), Occasion::Moved, $by, $note));

                return $booking;
            });
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw Refusal::of($this->timetable($sheet, $booking, $start, $now), $start);
        }
    }

    private function lockHold(Booking $booking): void
    {
        if ($booking->hold_id !== null) {
            Hold::query()->whereKey($booking->hold_id)->lockForUpdate()->first();
        }
    }

    private function timetable(Sheet $sheet, Booking $booking, int $start, int $now): SheetTimetable
    {
        $onlooker = Onlooker::of($sheet, $booking->pass_id, $booking->pass->email, $booking->student, $booking->place_id, $now, $booking);

        return SheetTimetable::around($start, $sheet, $now, $onlooker);
    }
}
