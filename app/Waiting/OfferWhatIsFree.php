<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Framework\Undoable;
use App\Models\Instant;
use App\Models\Waiting;
use Illuminate\Support\Facades\DB;

/** A time was given back: whoever waits for one is offered it, as soon as the transaction stands. */
final class OfferWhatIsFree
{
    public function handle(BookingNews $event): void
    {
        $booking = $event->booking;
        $free = $event->occasion->isOff() ? $booking->span()->start : $event->was?->start;
        if ($free !== null && Waiting::query()->where('sheet_id', $booking->sheet_id)->exists()) {
            // What its visitor may still take back is offered to nobody yet.
            $wait = $event->change === null ? 0 : Undoable::TOLD;
            DB::table('freed')->insertOrIgnore([
                'sheet_id' => $booking->sheet_id,
                'starts_at' => Instant::column($free),
                'offered_from' => Instant::column($booking->updated_at->getTimestamp() + $wait),
            ]);
            OfferWaiting::dispatch($booking->sheet_id)->delay($wait);
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
