<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Waiting;
use Illuminate\Support\Facades\DB;

/** A time was given back: whoever waits for one is offered it, as soon as the transaction stands. */
final class OfferWhatIsFree
{
    public function handle(BookingNews $event): void
    {
        if (($event->occasion->isOff() || $event->occasion === Occasion::Moved) && Waiting::query()->where('sheet_id', $event->booking->sheet_id)->exists()) {
            OfferWaiting::dispatch($event->booking->sheet_id);
        }
        if (in_array($event->occasion, [Occasion::Booked, Occasion::Asked], true)) {
            $theirs = DB::table('passes')->select('id')->where('id', $event->booking->pass_id)->orWhere('email', $event->booking->pass->email ?? '');
            DB::table('waiting')->where('sheet_id', $event->booking->sheet_id)->whereIn('pass_id', $theirs)->delete();
        }
    }
}
