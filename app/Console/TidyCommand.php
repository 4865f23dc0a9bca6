<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\CancelBooking;
use App\Actions\OfferFreed;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Notice;
use App\Models\Party;
use App\Models\Seat;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Wording\Spell;
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

        $this->missingLinks($now);

        return self::SUCCESS;
    }

    /** A link that was to be added later is asked for the day before. */
    private function missingLinks(CarbonImmutable $now): void
    {
        $bookings = Booking::query()->where('state', BookingState::Booked)->whereNull('link')
            ->where('starts_at', '>', $now)->where('starts_at', '<=', $now->addDay())
            ->whereHas('place', static fn ($place) => $place->where('kind', 'video')->whereNull('link'))->with(['pass', 'sheet.host.school'])->get();
        foreach ($bookings as $booking) {
            Notice::query()->firstOrCreate(['staff_id' => $booking->staff_id, 'key' => "link|$booking->id|".$booking->starts_at->getTimestamp()], [
                'booking_id' => $booking->id,
                'message' => sprintf('Your meeting with %s, %s, has no video link yet. Add it on the sheet “%s”.', $booking->pass->name, Spell::slot($booking->span(), $booking->sheet->host->school->timeZone()), $booking->sheet->title),
            ]);
        }
    }
}
