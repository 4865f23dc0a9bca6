<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\Reader;
use App\Models\Booking;
use App\Models\Notice;
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
        $person->update(['mail_failure' => mb_strimwidth($failure->getMessage(), 0, 290, '…')]);
        Notice::query()->updateOrCreate(
            ['staff_id' => $booking->staff_id, 'key' => "mail|$person->id"],
            [
                'booking_id' => $booking->id,
                'seen_at' => null,
                'message' =>
                    "A message to $person->name ($person->email) did not arrive. Their phone number: " .
                    ($person->phone ?: 'none was given') .
                    '.',
            ],
        );
    }
}
