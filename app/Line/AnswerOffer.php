<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\LetGo;
use App\Booking\MoveBooking;
use App\Booking\Presser;
use App\Booking\Relocation;
use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Outcome;
use App\Models\Party;
use App\Timetables\Guards;
use Illuminate\Support\Str;

/** A visitor takes the time that was offered to them, or declines it. A meeting that was becomes a second one; one that was not moves. */
final class AnswerOffer
{
    public function __construct(
        private readonly LetGo $letGo,
        private readonly MoveBooking $move,
        private readonly BookSlot $book,
    ) {}

    /** @throws NotHere when it is offered no longer */
    public function __invoke(Booking $booking, bool $take, int $now): void
    {
        Contended::transaction(function () use ($booking, $take, $now): void {
            Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student);
            $offer = TimeOffer::live($booking->id, $now) ?? throw new NotHere(Words::say('day.offer_gone'));
            $offer->delete();
            $met = $booking->turn?->outcome === Outcome::Met || !$booking->stands();
            if (!$take || !$met) {
                ($this->letGo)($booking->sheet, $offer->keeper);
            }
            match (true) {
                !$take => null,
                $met => $this->another($booking, $offer, $now),
                default => ($this->move)(
                    $booking,
                    $offer->starts_at->getTimestamp(),
                    Relocation::offered($booking->pass, $now),
                ),
            };
        });
    }

    private function another(Booking $booking, TimeOffer $offer, int $now): void
    {
        $pass = $booking->pass;
        ($this->book)(
            $booking->sheet,
            new BookingWish(
                start: $offer->starts_at->getTimestamp(),
                placeId: $booking->place_id,
                name: $pass->name,
                email: (string) $pass->email,
                phone: $pass->phone,
                student: $booking->student,
                requestKey: Str::uuid()->toString(),
                answers: $booking->answers,
                passId: $pass->id,
                keeper: $offer->keeper,
                by: Party::Host,
                presser: Presser::pass($pass),
                studentId: $booking->student_id,
            ),
            $now,
        );
    }
}
