<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\Reader;
use App\Framework\Notices;
use App\Framework\Said;
use App\Models\Booking;
use App\Models\Pass;

/** A message could not be delivered after all attempts: its visitor's host is told, who can ring instead. */
final class MailFailed
{
    public function __invoke(Booking $booking, Reader $reader, \Throwable $failure): void
    {
        $person = $reader->person();
        if (!($person instanceof Pass)) {
            return;
        }
        self::of($booking, $person, ServerSaid::of($failure));
    }

    /** @param  string  $why  as the server said it */
    public static function of(Booking $booking, Pass $person, string $why): void
    {
        $person->update(['mail_failure' => $why]);
        $said = new Said('booking.mail_failed', [
            'name' => $person->name,
            'email' => (string) $person->email,
            'phone' => $person->phone ?: 'none',
        ]);
        Notices::tell($booking->staff_id, "mail|$person->id", $said, $booking->id);
    }
}
