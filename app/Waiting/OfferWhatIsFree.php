<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\BookingNews;
use App\Booking\LineHold;
use App\Booking\Occasion;
use App\Framework\Undoable;
use App\Models\Instant;
use App\Models\Waiting;
use Illuminate\Support\Facades\DB;

/** A time came free: from this transaction on it belongs to those who wait, and the first of them is offered it. */
final class OfferWhatIsFree
{
    public function handle(BookingNews $event): void
    {
        $booking = $event->booking;
        $free = $event->occasion->isOff() ? $booking->span()->start : $event->was?->start;
        if ($free !== null && Waiting::line($booking->sheet_id)->exists()) {
            $now = $booking->updated_at->getTimestamp();
            // Theirs from this instant on; but what its visitor may still take back is offered to nobody yet.
            $host = $event->wasWith->id ?? $booking->staff_id;
            // Made where it is wanted: most bookings free nothing.
            if (
                app(LineHold::class)->hold(
                    $booking->sheet,
                    $free,
                    $booking->sheet->canChooseHost() ? $host : null,
                    $now,
                )
            ) {
                $wait = $event->change === null ? 0 : Undoable::TOLD;
                DB::table('freed')->upsert(
                    [
                        'sheet_id' => $booking->sheet_id,
                        'starts_at' => Instant::column($free),
                        'offered_from' => Instant::column($now + $wait),
                    ],
                    ['sheet_id', 'starts_at'],
                    ['offered_from'],
                );
                OfferWaiting::dispatch($booking->sheet_id)->delay($wait);
            }
        }
        if (in_array($event->occasion, [Occasion::Booked, Occasion::Asked], true)) {
            $theirs = DB::table('passes')
                ->select('id')
                ->where('id', $booking->pass_id)
                ->orWhere('email', $booking->pass->email ?? '');
            DB::table('waiting')->where('sheet_id', $booking->sheet_id)->whereIn('pass_id', $theirs)->delete();
        }
    }
}
