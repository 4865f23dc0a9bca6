<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Timetables\Guards;

/** The host answers a wish: accepts it, says maybe, or declines it, with a word. */
final class AnswerWish
{
    public function __construct(private readonly CancelBooking $cancel) {}

    /** A wish that is answered for good stays so. */
    public function __invoke(Booking $booking, Presser $by, WishAnswer $answer, string $note): Booking
    {
        if ($answer === WishAnswer::Decline) {
            return $booking->state === BookingState::Asked
                ? ($this->cancel)($booking, Ending::by($by, $note, Occasion::Declined))
                : $booking;
        }

        return Contended::transaction(static function () use ($booking, $by, $answer, $note): Booking {
            Guards::sheet($booking->sheet);
            $booking = Booking::query()->findOrFail($booking->id);
            if ($booking->state !== BookingState::Asked) {
                return $booking;
            }
            $accepted = $answer === WishAnswer::Accept;
            $booking->update([
                'state' => $accepted ? BookingState::Booked : BookingState::Asked,
                'maybe' => !$accepted,
                'held_until' => $accepted ? null : $booking->held_until,
                'answer_note' => $note,
                'sequence' => $booking->sequence + 1,
            ]);
            event(new BookingNews($booking, $accepted ? Occasion::Accepted : Occasion::Maybe, $by, $note));

            return $booking;
        });
    }
}
