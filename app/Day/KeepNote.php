<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Booking;
use App\Models\StaffMember;

/** Keeps what somebody notes about a meeting, for their own eyes; nothing noted is no note. */
final class KeepNote
{
    public function __invoke(StaffMember $writer, Booking $booking, string $text): void
    {
        if ($text === '') {
            MeetingNote::query()->where('booking_id', $booking->id)->where('staff_id', $writer->id)->delete();

            return;
        }
        MeetingNote::query()->updateOrCreate(
            ['booking_id' => $booking->id, 'staff_id' => $writer->id],
            ['text' => $text],
        );
    }
}
