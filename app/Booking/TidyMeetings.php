<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Framework\Notices;
use App\Framework\Said;
use App\Framework\Tidies;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Hold;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Seat;
use App\Models\Sheet;
use App\Timetables\Guards;

/** Ends keeps, wishes that nobody answered, and what was kept for addresses that never did. */
final class TidyMeetings implements Tidies
{
    public function __construct(private readonly CancelBooking $cancel) {}

    public function tidy(int $now): void
    {
        $this->keeps($now);
        foreach (
            Booking::query()
                ->where('state', BookingState::Asked)
                ->where('held_until', '<=', Instant::column($now))
                ->get()
            as $booking
        ) {
            $word = Words::say('booking.not_answered', ['phone' => $booking->sheet->host->school->phoneOrNone()]);
            ($this->cancel)($booking, Ending::by(Presser::side(Party::Host), $word, Occasion::Declined));
        }
        foreach (
            Booking::query()
                ->where('state', BookingState::Kept)
                ->where('confirm_until', '<=', Instant::column($now))
                ->get()
            as $booking
        ) {
            ($this->cancel)(
                $booking,
                Ending::by(Presser::side(Party::Office), Words::say('booking.not_confirmed'), Occasion::Lapsed),
            );
        }
        $this->missingLinks($now);
    }

    private function keeps(int $now): void
    {
        $late = Seat::query()
            ->join('holds', 'holds.id', '=', 'seats.hold_id')
            ->where('kept_until', '<=', Instant::column($now))
            ->get(['seats.hold_id', 'holds.sheet_id']);
        foreach ($late->groupBy('sheet_id') as $sheet => $seats) {
            Contended::transaction(static function () use ($sheet, $seats, $now): void {
                Guards::sheet(Sheet::query()->findOrFail($sheet));
                $holds = $seats->pluck('hold_id')->unique()->all();
                Seat::query()->whereIn('hold_id', $holds)->where('kept_until', '<=', Instant::column($now))->delete();
                Hold::query()->whereKey($holds)->whereDoesntHave('seats')->delete();
            });
        }
    }

    /** A link that was to be added later is asked for the day before. */
    private function missingLinks(int $now): void
    {
        $bookings = Booking::query()
            ->where('state', BookingState::Booked)
            ->whereNull('link')
            ->where('starts_at', '>', Instant::column($now))
            ->where('starts_at', '<=', Instant::column($now + 86_400))
            ->whereHas('place', static fn($place) => $place->where('kind', 'video')->whereNull('link'))
            ->with(['pass', 'sheet.host.school'])
            ->get();
        foreach ($bookings as $booking) {
            $said = new Said('booking.no_link_yet', [
                'name' => $booking->pass->name,
                'when' => Said::slot($booking->span(), $booking->sheet->host->school->timeZone()),
                'sheet' => $booking->sheet->title,
            ]);
            $key = "link|$booking->id|" . $booking->starts_at->getTimestamp();
            Notices::tellOnce($booking->staff_id, $key, $said, $booking->id);
        }
    }
}
