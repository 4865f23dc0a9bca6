<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\GiveUpSeat;
use App\Booking\LastChange;
use App\Booking\NoSeatLeft;
use App\Booking\PassRefused;
use App\Booking\TakeSeat;
use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Instant;
use App\Timetables\Asking;
use App\Timetables\Guards;
use App\Timetables\Judge;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Takes a visitor's last change back, as long as nobody has been told of it (LastChange): it is as if it had not been. */
final class UndoChange
{
    public function __construct(private readonly TakeSeat $takeSeat, private readonly GiveUpSeat $giveUpSeat)
    {
    }

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws PassRefused when it is too late, or somebody was quicker
     */
    public function __invoke(Booking $booking, int $now): void
    {
        try {
            Contended::transaction(function () use ($booking, $now): void {
                Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student);
                $booking = Booking::query()->findOrFail($booking->id);
                $change = LastChange::of($booking, $now) ?? throw new PassRefused(Words::say('booking.undo_late'));
                match ($change->what) {
                    'given back' => $this->takeAgain($booking, $change, $now),
                    'moved' => $this->moveBack($booking, $change, $now),
                    'guest left' => Guest::query()->whereKey($change->whole('guest'))->update(['left_at' => null]),
                    default => Guest::query()->whereKey($change->whole('guest'))->update(['left_at' => Instant::column($now)]),
                };
                $booking->update(['undo' => null, 'sequence' => $booking->sequence + 1]);
                DB::table('undone')->insert(['change_key' => $change->key, 'at' => Instant::column($now)]);
            });
        } catch (UniqueConstraintViolationException|NoSeatLeft) {
            throw new PassRefused(Words::say('booking.undo_taken'));
        }
    }

    private function takeAgain(Booking $booking, LastChange $change, int $now): void
    {
        $this->seat($booking, $booking->span()->start, $booking->staff_id, $now);
        $booking->update(
            [
                'state' => BookingState::from(is_string($change->facts['state'] ?? null) ? $change->facts['state'] : 'booked'),
                'cancelled_by' => null, 'cancel_note' => '',
            ],
        );
    }

    private function moveBack(Booking $booking, LastChange $change, int $now): void
    {
        [$hold, $seat] = [$booking->hold_id, $booking->seat];
        $booking->update(['hold_id' => null, 'seat' => null]);
        ($this->giveUpSeat)((int) $hold, (int) $seat);
        $this->seat($booking, $change->whole('start'), $change->whole('host'), $now);
        $held = $change->whole('held');
        $booking->update(
            [
                'answers' => (object) (is_array($change->facts['answers'] ?? null) ? $change->facts['answers'] : []),
                'link' => $change->facts['link'] ?? null, 'held_until' => $held === 0 ? null : Instant::column($held),
            ],
        );
    }

    /** Back on the seat that it had, or one as good; what its host would not give to others now it had already. */
    private function seat(Booking $booking, int $start, int $host, int $now): void
    {
        $timetable = Judge::at($start, $booking->sheet, $now, Asking::moving($booking));
        $offer = $timetable->offerAt($start);
        if ($offer === null || ! $offer->verdict->hostMayPass()) {
            throw new NoSeatLeft;
        }
        $seat = ($this->takeSeat)($booking->sheet_id, $timetable, $offer->slot, $host);
        $booking->moveTo($seat->span, $seat->holdId, $seat->seat, $seat->staffId);
    }
}
