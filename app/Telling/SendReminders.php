<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Party;
use Illuminate\Support\Facades\DB;

/**
 * Reminds of each meeting as often as its sheet says, each reminder once: that it was sent is kept in the transaction
 * that queues it. After a night without a scheduler only the latest one due goes out, and none after the meeting.
 */
final class SendReminders
{
    /** The longest reminder that a sheet can have, in minutes. */
    private const LONGEST = 20_160;

    /** How many meetings were reminded of. */
    public function __invoke(int $now): int
    {
        $bookings = Booking::query()
            ->where('state', BookingState::Booked)
            ->where('starts_at', '>', Instant::column($now))
            ->where('starts_at', '<=', Instant::column($now + self::LONGEST * 60))
            ->with(['sheet', 'turn'])
            ->orderBy('starts_at')
            ->get();
        $reminded = 0;
        foreach ($bookings as $booking) {
            $due = array_filter(
                $booking->sheet->rules->wholes('reminders'),
                static fn(int $minutes): bool => $now >= $booking->span()->start - $minutes * 60,
            );
            // Who was called in early needs none.
            if ($due !== [] && $booking->isAhead($now) && $this->remind($booking, $due)) {
                $reminded++;
            }
        }

        return $reminded;
    }

    /** @param  non-empty-array<int>  $due */
    private function remind(Booking $booking, array $due): bool
    {
        return DB::transaction(static function () use ($booking, $due): bool {
            $starts = $booking->starts_at->format('Y-m-d H:i:s');
            $new = [];
            foreach ($due as $minutes) {
                if (
                    DB::table('reminders_sent')->insertOrIgnore([
                        'booking_id' => $booking->id,
                        'minutes' => $minutes,
                        'starts_at' => $starts,
                    ]) === 1
                ) {
                    $new[] = $minutes;
                }
            }
            // Whoever booked, or was moved, after the reminder fell due has just been told.
            $told = $booking->updated_at->getTimestamp();
            $new = array_filter(
                $new,
                static fn(int $minutes): bool => $minutes === min($due) &&
                    $told <= $booking->span()->start - $minutes * 60,
            );
            if ($new === []) {
                return false;
            }
            foreach (TellOfBooking::readers($booking, Occasion::Reminder) as $reader) {
                Envelopes::to($reader->email(), $reader->addressee())->queue(
                    new BookingMessage($booking, Occasion::Reminder, $reader, Party::Host),
                );
            }

            return true;
        });
    }
}
