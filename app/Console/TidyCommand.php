<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\CancelBooking;
use App\Actions\OfferFreed;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Party;
use App\Models\Seat;
use App\Models\Sheet;
use App\Models\Waiting;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Ends what was only for a while: keeps, wishes that nobody answered, offers to those who wait. Run every minute. */
final class TidyCommand extends Command
{
    protected $signature = 'recess:tidy';

    protected $description = 'End keeps, unanswered wishes and offers whose time is up';

    public function handle(CancelBooking $cancel, OfferFreed $offer): int
    {
        $now = CarbonImmutable::now();
        foreach (Seat::query()->where('kept_until', '<=', $now)->pluck('hold_id')->unique() as $hold) {
            Seat::query()->where('hold_id', $hold)->where('kept_until', '<=', $now)->delete();
            Hold::query()->whereKey($hold)->whereDoesntHave('seats')->delete();
        }
        foreach (Booking::query()->where('state', BookingState::Asked)->where('held_until', '<=', $now)->get() as $booking) {
            $cancel($booking, Party::Host, 'There was no answer in time, so the time is free again. Please pick another, or ring the office.', declined: true);
        }
        $waiting = Waiting::query()->where(static fn ($one) => $one->whereNull('offered_until')->orWhere('offered_until', '<=', $now))->pluck('sheet_id')->unique();
        foreach (Sheet::query()->whereIn('id', $waiting)->where('state', 'open')->get() as $sheet) {
            $offer($sheet, $now->getTimestamp());
        }

        return self::SUCCESS;
    }
}
