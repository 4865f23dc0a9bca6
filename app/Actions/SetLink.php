<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\BookingNews;
use App\Mail\Occasion;
use App\Models\Booking;
use App\Models\Party;

/** Adds or changes the video link of single meetings, and tells each visitor. */
final class SetLink
{
    /** @param  iterable<Booking>  $bookings */
    public function __invoke(iterable $bookings, string $link): void
    {
        Contended::transaction(static function () use ($bookings, $link): void {
            foreach ($bookings as $booking) {
                if ($booking->link === $link || ! $booking->stands()) {
                    continue;
                }
                $occasion = $booking->link === null ? Occasion::LinkAdded : Occasion::LinkChanged;
                $booking->update(['link' => $link, 'sequence' => $booking->sequence + 1]);
                event(new BookingNews($booking, $occasion, Party::Host));
            }
        });
    }
}
