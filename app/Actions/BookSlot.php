<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\BookingMade;
use App\Failures\RequestKeyReused;
use App\Failures\SlotGone;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Pass;
use App\Models\Sheet;
use App\Timetables\SheetTimetable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Recess\Time\Span;

/**
 * Gives a visitor the slot they wish for, or says that it is gone.
 *
 * The rules are asked first, for a kind answer; whether two people get the same seat is decided by the
 * database alone (docs/decisions/0002-holds.md).
 */
final class BookSlot
{
    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws SlotGone when it cannot be had
     * @throws RequestKeyReused when the key was used for another wish
     */
    public function __invoke(Sheet $sheet, BookingWish $wish, int $now): Booking
    {
        $kept = $this->alreadyKept($sheet, $wish);
        if ($kept !== null) {
            return $kept;
        }

        $timetable = new SheetTimetable($sheet, $now);
        $offer = $timetable->offerAt($wish->start) ?? throw SlotGone::neverThere($timetable, $wish->start);
        if ($offer->verdict->isFree()) {
            try {
                return Contended::transaction(fn (): Booking => $this->keep($sheet, $wish, $offer->slot));
            } catch (UniqueConstraintViolationException|NoSeatLeft) {
                $timetable = new SheetTimetable($sheet, $now);
                $offer = $timetable->offerAt($wish->start) ?? throw SlotGone::neverThere($timetable, $wish->start);
            }
        }

        // The one who was quicker may have been this visitor's own first press.
        return $this->alreadyKept($sheet, $wish) ?? throw SlotGone::of($timetable, $offer);
    }

    private function alreadyKept(Sheet $sheet, BookingWish $wish): ?Booking
    {
        $booking = Booking::query()->where('request_key', $wish->requestKey)->first();
        if ($booking !== null && ! hash_equals($booking->request_digest, $wish->digest($sheet->id))) {
            throw new RequestKeyReused;
        }

        return $booking;
    }

    private function keep(Sheet $sheet, BookingWish $wish, Span $slot): Booking
    {
        $hold = $this->hold($sheet, $slot);
        $booking = Booking::query()->create([
            'sheet_id' => $sheet->id,
            'pass_id' => Pass::query()->create(['name' => $wish->name, 'email' => $wish->email, 'phone' => $wish->phone])->id,
            'place_id' => $wish->placeId,
            'hold_id' => $hold->id,
            'seat' => $this->lowestFreeSeat($hold, $sheet->seats),
            'starts_at' => $hold->starts_at,
            'ends_at' => $hold->ends_at,
            'student' => $wish->student,
            'state' => BookingState::Booked,
            'uid' => Str::uuid()->toString(),
            'sequence' => 0,
            'request_key' => $wish->requestKey,
            'request_digest' => $wish->digest($sheet->id),
        ]);
        event(new BookingMade($booking));

        return $booking;
    }

    /** The hold on the slot, made if there is none; locked, so that its seats are given out one by one. */
    private function hold(Sheet $sheet, Span $slot): Hold
    {
        $span = [
            'staff_id' => $sheet->staff_id,
            'sheet_id' => $sheet->id,
            'starts_at' => gmdate('Y-m-d H:i:s', $slot->start),
            'ends_at' => gmdate('Y-m-d H:i:s', $slot->end),
        ];
        if ($sheet->seats === 1) {
            return Hold::query()->create($span);
        }

        return Hold::query()->where($span)->lockForUpdate()->first() ?? Hold::query()->create($span);
    }

    private function lowestFreeSeat(Hold $hold, int $seats): int
    {
        $taken = $hold->bookings()->lockForUpdate()->pluck('seat')->all();
        foreach (range(1, $seats) as $seat) {
            if (! in_array($seat, $taken, true)) {
                return $seat;
            }
        }

        throw new NoSeatLeft;
    }
}
