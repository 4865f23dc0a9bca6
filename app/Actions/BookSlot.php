<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\BookingNews;
use App\Failures\RequestKeyReused;
use App\Failures\SlotGone;
use App\Mail\Occasion;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\LinkMode;
use App\Models\Party;
use App\Models\Pass;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\Glance;
use App\Timetables\Onlooker;
use App\Timetables\SheetAtHand;
use App\Timetables\SheetTimetable;
use App\Video\VideoRooms;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Recess\Offer;
use Recess\Time\Span;

/**
 * Gives a visitor the slot they wish for, or says that it is gone.
 *
 * The rules are asked first, for a kind answer; whether two people get the same seat is decided by the
 * database alone (docs/decisions/0002-holds.md).
 */
final class BookSlot
{
    public function __construct(
        private readonly TakeSeat $takeSeat,
        private readonly LockPeople $lockPeople,
        private readonly VideoRooms $videoRooms,
    ) {
    }

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws SlotGone when it cannot be had
     * @throws RequestKeyReused when the key was used for another wish
     */
    public function __invoke(Sheet $sheet, BookingWish $wish, int $now): Booking
    {
        try {
            [$booking, $timetable] = Contended::transaction(function () use ($sheet, $wish, $now): array {
                // Whoever else books for the same person waits here, and then sees this booking.
                ($this->lockPeople)($wish->email, $wish->student);
                $timetable = $this->timetable(SheetAtHand::held($sheet), $wish, $now);
                $offer = $timetable->offerAt($wish->start);
                if ($offer === null || ! $this->canBeHad($timetable, $offer, $wish)) {
                    throw Refusal::of($timetable, $wish->start, $wish->hostId);
                }

                return [$this->keep($timetable, $wish, $offer->slot), $timetable];
            });
            Glance::strike($timetable, $wish->start, $wish->requestKey);

            return $booking;
        } catch (UniqueConstraintViolationException|NoSeatLeft|SlotGone $failure) {
            // Whoever was quicker may have been this visitor's own first press.
            return $this->alreadyKept($sheet, $wish) ?? throw $this->refusal($sheet, $wish, $now, $failure);
        }
    }

    private function refusal(Sheet $sheet, BookingWish $wish, int $now, \Throwable $failure): SlotGone
    {
        if ($failure instanceof SlotGone) {
            return $failure;
        }

        // With a pass there are other meetings to think of when others are named, and with a host their own.
        return ($wish->passId === null && $wish->hostId === null ? Glance::at($sheet->id, $sheet->stamp, $now)?->refusal($wish->start, $now) : null)
            ?? Refusal::of($this->timetable($sheet, $wish, $now), $wish->start, $wish->hostId);
    }

    private function timetable(Sheet $sheet, BookingWish $wish, int $now): SheetTimetable
    {
        return SheetTimetable::around($wish->start, $sheet, $now, Onlooker::of($sheet, $wish->passId, $wish->email, $wish->student, $wish->placeId, $now));
    }

    /** A slot that is kept for this very visitor looks taken to the rules, and is theirs to have. */
    private function canBeHad(SheetTimetable $timetable, Offer $offer, BookingWish $wish): bool
    {
        return $offer->verdict->isFree() || ($wish->keeper !== null && KeptFor::onlyThem($timetable, $offer, $wish->keeper));
    }

    private function alreadyKept(Sheet $sheet, BookingWish $wish): ?Booking
    {
        $booking = Booking::query()->where('request_key', $wish->requestKey)->first();
        if ($booking !== null && ! hash_equals($booking->request_digest, $wish->digest($sheet->id))) {
            throw new RequestKeyReused;
        }

        return $booking;
    }

    private function keep(SheetTimetable $timetable, BookingWish $wish, Span $slot): Booking
    {
        $sheet = $timetable->sheet;
        $seat = ($this->takeSeat)($sheet, $slot, $timetable->hostsFor($slot, $wish->hostId), $sheet->mustBeThere(), $timetable->seatsOf($slot), $timetable->now, $wish->keeper);
        $pass = $wish->passId === null ? Pass::query()->create(['name' => $wish->name, 'email' => $wish->email ?: null, 'phone' => $wish->phone]) : Pass::query()->findOrFail($wish->passId);
        $place = $sheet->places->firstWhere('id', $wish->placeId) ?? Place::query()->findOrFail($wish->placeId);
        $booking = Booking::query()->create([
            'sheet_id' => $sheet->id,
            'staff_id' => $seat->staffId,
            'pass_id' => $pass->id,
            'place_id' => $wish->placeId,
            'hold_id' => $seat->holdId,
            'seat' => $seat->seat,
            'starts_at' => gmdate('Y-m-d H:i:s', $slot->start),
            'ends_at' => gmdate('Y-m-d H:i:s', $slot->end),
            'student' => $wish->student,
            'student_key' => Booking::studentKey($wish->student),
            'answers' => (object) $wish->answers,
            'state' => $sheet->rules->approve && $wish->by === Party::Visitor ? BookingState::Asked : BookingState::Booked,
            'held_until' => $sheet->rules->approve && $wish->by === Party::Visitor ? gmdate('Y-m-d H:i:s', min($slot->start, $timetable->now + $sheet->rules->askedHours * 3600)) : null,
            'made_by' => $wish->by,
            'uid' => Str::uuid()->toString(),
            'sequence' => 0,
            'maybe' => false,
            'answer_note' => '',
            'cancel_note' => '',
            'cancelled_by' => null,
            'link' => null,
            'called_in_at' => null,
            'request_key' => $wish->requestKey,
            'request_digest' => $wish->digest($sheet->id),
        ]);
        // All that the messages and the answer will ask of it is known already.
        $booking->setRelations(['sheet' => $sheet, 'pass' => $pass, 'place' => $place, 'guests' => new Collection]);
        $booking->setRelation('host', $booking->staff_id === $sheet->staff_id ? $sheet->host : StaffMember::query()->findOrFail($booking->staff_id));
        if ($place->link_mode === LinkMode::Each) {
            $booking->update(['link' => $this->videoRooms->linkFor($booking)]);
        }
        event(new BookingNews($booking, $booking->state === BookingState::Asked ? Occasion::Asked : Occasion::Booked, $wish->by));

        return $booking;
    }
}
