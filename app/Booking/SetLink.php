<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Sheet;
use App\Timetables\Guards;

/** Adds or changes the video link of single meetings, and tells each visitor. */
final class SetLink
{
    /** @param  iterable<Booking>  $bookings  of the sheet */
    public function __invoke(Sheet $sheet, Presser $by, iterable $bookings, string $link): void
    {
        Contended::transaction(static function () use ($sheet, $by, $bookings, $link): void {
            Guards::sheet($sheet);
            foreach ($bookings as $booking) {
                if ($booking->link === $link || !$booking->stands()) {
                    continue;
                }
                $occasion = $booking->link === null ? Occasion::LinkAdded : Occasion::LinkChanged;
                $booking->update(['link' => $link, 'sequence' => $booking->sequence + 1]);
                event(new BookingNews($booking, $occasion, $by));
            }
        });
    }
}
