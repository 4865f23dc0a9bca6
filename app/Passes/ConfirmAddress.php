<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Pass;
use App\Timetables\Guards;
use Illuminate\Support\Facades\DB;

/** The address of a pass has answered: what was kept for it stands, and messages go there from now on. */
final class ConfirmAddress
{
    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Pass $pass, string $email, int $now): void
    {
        Contended::transaction(static function () use ($pass, $email, $now): void {
            $was = $pass->email;
            $pass->update(['email' => $email, 'new_email' => null, 'confirmed_at' => Instant::column($now)]);
            if ($was !== null && $was !== $email) {
                event(new AddressChanged($pass, $was));
            }
        });
        // From where it was asked is of no use any more.
        DB::table('bookings')->where('pass_id', $pass->id)->whereNotNull('origin')->update(['origin' => null]);
        event(new AddressAnswered($pass, $now));
        foreach ($pass->bookings()->where('state', BookingState::Kept)->get() as $booking) {
            Contended::transaction(static function () use ($booking): void {
                Guards::sheet($booking->sheet);
                $booking = Booking::query()->findOrFail($booking->id);
                if ($booking->state === BookingState::Kept) {
                    $booking->update(['state' => $booking->held_until === null ? BookingState::Booked : BookingState::Asked, 'confirm_until' => null]);
                    event(new BookingNews($booking, Occasion::made($booking), Party::Visitor));
                }
            });
        }
    }

    /** The address that the key belongs to: the one that waits for its answer, or the one that is known; null for none of them. */
    public static function addressOf(Pass $pass, string $key): ?string
    {
        foreach (array_filter([$pass->new_email, $pass->email], is_string(...)) as $email) {
            if ($pass->addressAnswers($email, $key)) {
                return $email;
            }
        }

        return null;
    }
}
