<?php

declare(strict_types=1);

namespace App\Listeners;

use App\Events\BookingCancelled;
use App\Events\BookingMade;
use App\Mail\BookingMessage;
use App\Mail\Occasion;
use App\Models\Booking;
use App\Models\Party;
use Illuminate\Support\Facades\Mail;

/** Queues the messages to both sides, in the transaction of the event. Laravel finds it by its handle(). */
final class TellOfBooking
{
    public function handle(BookingMade|BookingCancelled $event): void
    {
        $occasion = $event instanceof BookingMade ? Occasion::Booked : Occasion::Cancelled;
        foreach (Party::cases() as $reader) {
            Mail::to(self::address($event->booking, $reader))->queue(new BookingMessage($event->booking, $occasion, $reader));
        }
    }

    /** @return list<object{email: string, name: string}> */
    private static function address(Booking $booking, Party $reader): array
    {
        $person = $reader === Party::Visitor ? $booking->pass : $booking->sheet->host;

        return [(object) ['email' => $person->email, 'name' => $person->name]];
    }
}
