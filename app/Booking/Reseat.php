<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\LinkMode;
use App\Models\Party;
use App\Models\Place;
use App\Models\PlaceKind;
use App\Models\StaffMember;
use App\Timetables\Interpreters;
use App\Video\VideoRooms;

/**
 * Puts a booking on a seat that was taken for it, and tells of it. To be called inside the transaction that took the seat.
 * Where somebody else is met there, what was for one person's eyes stays with that person, and so does their link.
 */
final class Reseat
{
    public function __construct(private readonly VideoRooms $videoRooms)
    {
    }

    /** @throws NoInterpreter */
    public function __invoke(Booking $booking, TakenSeat $seat, Party $by, string $note, ?LastChange $change = null): Booking
    {
        $was = $booking->span();
        $host = $booking->host;
        $booking->moveTo($seat->span, $seat->holdId, $seat->seat, $seat->staffId);
        $booking->update(['undo' => $change?->toArray()]);
        $booking->refresh();
        if ($booking->language !== null) {
            $who = Interpreters::hold(
                (int) $booking->sheet->round_id, $booking->language, $booking->sheet_id, $seat->holdId, $seat->span,
            ) ?? throw new NoInterpreter;
            $booking->update(['interpreter_id' => $who]);
        }
        $this->atAPlaceOfThatTime($booking);
        if ($booking->staff_id !== $host->id) {
            $this->withSomebodyElse($booking);
        }
        event(new BookingNews($booking, Occasion::Moved, $by, $note, $was, $host, $change?->key));

        return $booking;
    }

    /** A time that is not at the place they had is at the first that it can be at; the message names it. */
    private function atAPlaceOfThatTime(Booking $booking): void
    {
        $there = $booking->sheet->toCore()->placesAt($booking->span());
        if ($there !== [] && ! array_key_exists((int) $booking->place_id, $there)) {
            $place = Place::query()->findOrFail(array_key_first($there));
            $booking->update(['place_id' => $place->id, 'link' => null]);
            $booking->setRelation('place', $place);
            if ($place->link_mode === LinkMode::Each && $place->kind === PlaceKind::Video) {
                $booking->update(['link' => $this->videoRooms->linkFor($booking)]);
            }
        }
    }

    private function withSomebodyElse(Booking $booking): void
    {
        $booking->setRelation('host', StaffMember::query()->findOrFail($booking->staff_id));
        $private = array_flip($booking->sheet->questions->private());
        $booking->update([
            'answers' => (object) array_diff_key($booking->answers, $private),
            'link' => $booking->place->link_mode === LinkMode::Each ? $this->videoRooms->linkFor($booking) : null,
        ]);
    }
}
