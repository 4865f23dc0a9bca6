<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Booking\CancelBooking;
use App\Booking\Ending;
use App\Booking\Occasion;
use App\Framework\Contended;
use App\Framework\Limits;
use App\Framework\Spell;
use App\Framework\Undoable;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Notice;
use App\Models\Party;
use App\Models\Seat;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Timetables\Guards;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Ends what was only for a while: keeps, wishes that nobody answered, offers to those who wait. Run every minute. */
final class TidyCommand extends Command
{
    protected $signature = 'recess:tidy';

    protected $description = 'End keeps, unanswered wishes and offers whose time is up';

    public function handle(CancelBooking $cancel, OfferFreed $offer): int
    {
        $now = CarbonImmutable::now();
        Limits::tidy($now->getTimestamp());
        $this->keeps($now);
        foreach (Booking::query()->where('state', BookingState::Asked)->where('held_until', '<=', $now)->get() as $booking) {
            $word = Words::say('booking.not_answered', ['phone' => $booking->sheet->host->school->phoneOrNone()]);
            $cancel($booking, Ending::by(Party::Host, $word, Occasion::Declined));
        }
        foreach (Booking::query()->where('state', BookingState::Kept)->where('confirm_until', '<=', $now)->get() as $booking) {
            $cancel($booking, Ending::by(Party::Office, Words::say('booking.not_confirmed'), Occasion::Lapsed));
        }
        // What was typed and never saved is not kept for ever.
        DB::table('drafts')->where('updated_at', '<=', $now->subDays(60))->limit(500)->delete();
        Undoable::tidy($now->getTimestamp());
        // What opened an account and opens nothing any more.
        DB::table('former_secrets')->where('until', '<=', $now)->limit(500)->delete();
        DB::table('account_keys')->where('until', '<=', $now->subDay())->delete();
        // An address that has not answered within a day is forgotten.
        Waiting::query()->whereNull('confirmed_at')->where('created_at', '<=', $now->subDay())->delete();
        $waiting = Waiting::query()->where('offered_until', '<=', $now)->pluck('sheet_id')->merge(DB::table('freed')->pluck('sheet_id'))->unique();
        foreach (Sheet::query()->whereIn('id', $waiting)->where('state', 'open')->get() as $sheet) {
            $offer($sheet, $now->getTimestamp());
        }

        $this->missingLinks($now);

        return self::SUCCESS;
    }

    private function keeps(CarbonImmutable $now): void
    {
        $late = Seat::query()->join('holds', 'holds.id', '=', 'seats.hold_id')->where('kept_until', '<=', $now)->get(['seats.hold_id', 'holds.sheet_id']);
        foreach ($late->groupBy('sheet_id') as $sheet => $seats) {
            Contended::transaction(static function () use ($sheet, $seats, $now): void {
                Guards::sheet(Sheet::query()->findOrFail($sheet));
                $holds = $seats->pluck('hold_id')->unique()->all();
                Seat::query()->whereIn('hold_id', $holds)->where('kept_until', '<=', $now)->delete();
                Hold::query()->whereKey($holds)->whereDoesntHave('seats')->delete();
            });
        }
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
