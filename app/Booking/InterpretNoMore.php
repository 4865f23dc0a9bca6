<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Notices;
use App\Framework\Said;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Instant;
use App\Models\StaffMember;
use App\Timetables\Guards;

/** Somebody does not interpret any more: another of the language takes their place at each meeting, or its host hears that nobody does. */
final class InterpretNoMore
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(StaffMember $staff, int $now): void
    {
        $bookings = Booking::query()
            ->where('interpreter_id', $staff->id)
            ->whereIn('state', BookingState::standing())
            ->where('ends_at', '>', Instant::column($now))
            ->get();
        foreach ($bookings as $booking) {
            Contended::transaction(static function () use ($booking, $staff): void {
                Guards::booking($booking->sheet, (string) $booking->pass->email, $booking->student, $booking->language);
                $booking = Booking::query()->findOrFail($booking->id);
                if (
                    $booking->hold_id === null ||
                    $booking->interpreter_id !== $staff->id ||
                    $booking->language === null
                ) {
                    return;
                }
                Hold::query()->where('with_hold_id', $booking->hold_id)->where('staff_id', $staff->id)->delete();
                try {
                    $seat = new TakenSeat(
                        $booking->hold_id,
                        (int) $booking->seat,
                        $booking->staff_id,
                        $booking->span(),
                    );
                    $booking->update([
                        'interpreter_id' => HoldInterpreter::along($booking->sheet, $booking->language, $seat),
                    ]);
                } catch (NoInterpreter) {
                    $booking->update(['interpreter_id' => null]);
                    self::tell($booking);
                }
            });
        }
    }

    private static function tell(Booking $booking): void
    {
        $slot = Said::slot($booking->span(), $booking->sheet->host->school->timeZone());
        $said = new Said('booking.interpreter_gone', ['name' => $booking->pass->name, 'when' => $slot]);
        Notices::tell($booking->staff_id, "interpreter|$booking->id", $said, $booking->id);
    }
}
