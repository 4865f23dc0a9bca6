<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\CancelBooking;
use App\Booking\Destination;
use App\Booking\Ending;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\Presser;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Party;
use App\Models\Sheet;
use Illuminate\Database\UniqueConstraintViolationException;
use Recess\Changes\Booked;

/** Carries out what was settled for the bookings that an edit touches; one message each. To be called inside the edit's transaction. */
final class Resettle
{
    public function __construct(private readonly Relocate $relocate, private readonly CancelBooking $cancel) {}

    /** @throws SettlementFailed when a time that was chosen cannot be had after all */
    public function __invoke(Sheet $sheet, EditEffect $effect, Settlement $settlement): void
    {
        $moves = [];
        foreach ($effect->effect->otherLength as [$booked, $slot]) {
            $this->chosen($settlement, $booked) === 'leave' ||
                ($moves[] = Destination::slot($this->booking($booked), $slot->start, $sheet));
        }
        foreach ($effect->effect->left as $left) {
            $choice = $settlement->choices[(int) $left->booking->id] ?? [
                'do' => $left->proposed === null ? 'leave' : 'move',
                'to' => $left->proposed?->start,
            ];
            if ($choice['do'] === 'cancel') {
                ($this->cancel)(
                    $this->booking($left->booking),
                    Ending::by(Presser::side(Party::Host), $settlement->word),
                );
            } elseif ($choice['do'] === 'move') {
                $start = $choice['to'] ?? throw new SettlementFailed(Words::say('sheets.settle_all'));
                $effect->after->slotAt($start) ?? throw new SettlementFailed(Words::say('sheets.settle_gone'));
                $moves[] = Destination::slot($this->booking($left->booking), $start, $sheet);
            }
        }
        $this->move($moves, $settlement->word, $effect->after->world->now);
        foreach ($effect->effect->otherPlace as $booked) {
            if ($this->chosen($settlement, $booked) !== 'leave') {
                $booking = $this->booking($booked);
                $there = array_key_first($sheet->toCore()->placesAt($booking->span()));
                $this->relocate->toPlace(
                    $booking,
                    $sheet->places->firstWhere('id', $there) ?? $sheet->places->firstOrFail(),
                    Presser::side(Party::Host),
                    $settlement->word,
                );
            }
        }
    }

    /** @param  list<Destination>  $moves */
    private function move(array $moves, string $word, int $now): void
    {
        try {
            $moves === [] || ($this->relocate)($moves, Relocation::by(Presser::side(Party::Host), $word, $now));
        } catch (UniqueConstraintViolationException | NoSeatLeft | NotAsFilledIn) {
            throw new SettlementFailed(Words::say('sheets.settle_taken'));
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
