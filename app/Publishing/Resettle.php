<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\BookingNews;
use App\Booking\CancelBooking;
use App\Booking\GiveUpSeat;
use App\Booking\NoSeatLeft;
use App\Booking\Occasion;
use App\Booking\Reseat;
use App\Booking\TakeSeat;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Sheet;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Changes\Booked;
use Recess\Time\Span;

/** Carries out what was settled for the bookings that an edit touches; one message each. To be called inside the edit's transaction. */
final class Resettle
{
    public function __construct(
        private readonly TakeSeat $takeSeat,
        private readonly GiveUpSeat $giveUpSeat,
        private readonly CancelBooking $cancel,
        private readonly Reseat $reseat,
    ) {
    }

    /** @throws SettlementFailed when a time that was chosen cannot be had after all */
    public function __invoke(Sheet $sheet, EditEffect $effect, Settlement $settlement): void
    {
        $ends = [];
        foreach ($effect->after->offers() as $offer) {
            $ends[$offer->slot->start] = $offer->slot->end;
        }
        $moves = [];
        foreach ($effect->effect->otherLength as [$booked, $slot]) {
            $this->chosen($settlement, $booked) === 'leave' || $moves[] = [$this->booking($booked), $slot];
        }
        foreach ($effect->effect->left as $left) {
            $choice = $settlement->choices[(int) $left->booking->id] ?? ['do' => $left->proposed === null ? 'leave' : 'move', 'to' => $left->proposed?->start];
            if ($choice['do'] === 'cancel') {
                ($this->cancel)($this->booking($left->booking), Party::Host, $settlement->word);
            } elseif ($choice['do'] === 'move') {
                $start = $choice['to'] ?? throw new SettlementFailed('A time has to be chosen for everybody who is moved.');
                $moves[] = [
                    $this->booking($left->booking),
                    Span::of($start, $ends[$start] ?? throw new SettlementFailed('A time that was chosen is not on the sheet any more.')),
                ];
            }
        }
        $this->move($sheet, $moves, $effect, $settlement->word);
        foreach ($effect->effect->otherPlace as $booked) {
            if ($this->chosen($settlement, $booked) !== 'leave') {
                $booking = $this->booking($booked);
                $there = array_key_first($sheet->toCore()->placesAt($booking->span()));
                $booking->update(
                    ['place_id' => ($sheet->places->firstWhere('id', $there) ?? $sheet->places->firstOrFail())->id, 'sequence' => $booking->sequence + 1],
                );
                event(new BookingNews($booking->refresh(), Occasion::PlaceChanged, Party::Host, $settlement->word));
            }
        }
    }

    /** @param  list<array{Booking, Span}>  $moves  all give up their time first, so that they can change places among themselves */
    private function move(Sheet $sheet, array $moves, EditEffect $effect, string $word): void
    {
        foreach ($moves as [$booking]) {
            [$hold, $seat] = [$booking->hold_id, $booking->seat];
            $booking->update(['hold_id' => null, 'seat' => null]);
            if ($hold !== null && $seat !== null) {
                ($this->giveUpSeat)($hold, $seat);
            }
        }
        foreach ($moves as [$booking, $slot]) {
            try {
                $seat = ($this->takeSeat)($sheet->id, $effect->for($booking->id), $slot, rather: $booking->staff_id);
            } catch (UniqueConstraintViolationException|NoSeatLeft) {
                throw new SettlementFailed(
                    'A time that was chosen for somebody is taken, or collides with a booking that stays as it is. Nothing was saved. Look at the times again.',
                );
            }
            ($this->reseat)($booking, $seat, Party::Host, $word);
        }
    }

    private function chosen(Settlement $settlement, Booked $booked): string
    {
        return $settlement->choices[(int) $booked->id]['do'] ?? 'move';
    }

    private function booking(Booked $booked): Booking
    {
        return Booking::query()->findOrFail((int) $booked->id);
    }
}
