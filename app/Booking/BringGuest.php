<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use App\Timetables\Guards;

/** The visitor brings somebody: the other guardian, an interpreter. They get a pass of their own and the same messages. */
final class BringGuest
{
    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws PassRefused when no more guests may come
     */
    public function __invoke(Booking $booking, Presser $by, GuestWish $wish, int $now): Guest
    {
        return Contended::transaction(static function () use ($booking, $by, $wish, $now): Guest {
            // They are in this meeting too from now on, whoever else books them.
            Guards::booking($booking->sheet, $wish->email, '');
            $booking = Booking::query()->findOrFail($booking->id);
            $coming = $booking->guests()->whereNull('left_at')->with('pass')->get();
            $most = $booking->sheet->rules->whole('guests');
            if (!$booking->stands() || $coming->count() >= $most) {
                throw new PassRefused(Words::say($most === 0 ? 'booking.guests_none' : 'booking.guests_enough'));
            }
            if (
                $coming->contains(static fn(Guest $guest): bool => $guest->pass->email === $wish->email) ||
                $booking->pass->email === $wish->email
            ) {
                throw new PassRefused(Words::say('booking.guest_already'));
            }
            $guest = Guest::query()->create([
                'booking_id' => $booking->id,
                'may_change' => $wish->mayChange,
                // Until they choose their own: as whoever asks them to come reads.
                'pass_id' => Pass::query()->create([
                    'name' => $wish->name,
                    'email' => $wish->email,
                    'phone' => '',
                    'language' => $booking->pass->language,
                ])->id,
            ]);
            $change = Undoable::made(LastChange::about($booking->id), 'guest brought', $now, ['guest' => $guest->id]);
            $booking->update(['sequence' => $booking->sequence + 1]);
            event(new BookingNews($booking, Occasion::GuestBrought, $by, change: $change->key, guest: $guest));

            return $guest;
        });
    }
}
