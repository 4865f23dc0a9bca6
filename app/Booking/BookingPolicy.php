<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Clock;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** Who may do what with a booking. */
final class BookingPolicy
{
    public function cancel(StaffMember $host, Booking $booking): bool
    {
        return $booking->sheet->isRunBy($host) ||
            ($host->office && $booking->sheet->host->school_id === $host->school_id);
    }

    public function answer(StaffMember $host, Booking $booking): bool
    {
        return $booking->sheet->isRunBy($host);
    }

    /** Whoever holds the pass on which it stands, or comes as a guest. */
    public function attend(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        $comes =
            $pass->reaches($booking) &&
            ($booking->pass_id === $pass->id ||
                $booking->guests()->where('pass_id', $pass->id)->whereNull('left_at')->exists());

        return $comes ? Response::allow() : Response::denyAsNotFound();
    }

    /** Whoever holds the pass on which it stands, or comes as a guest who may move it and give it back. */
    public function change(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        return $pass->reaches($booking) && $booking->isChangedBy($pass)
            ? Response::allow()
            : Response::denyAsNotFound();
    }

    /** Whoever may take its last change back; when it is too late for that, they are told so who come to it. */
    public function undo(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        $change = LastChange::of($booking, Clock::now());

        return $change === null
            ? $this->attend($reader, $booking, $pass)
            : ($pass->reaches($booking) && LastChange::isFor($change, $booking, $pass)
                ? Response::allow()
                : Response::denyAsNotFound());
    }

    /** Whoever holds the pass on which it stands. */
    public function hold(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        return $pass->reaches($booking) && $booking->pass_id === $pass->id
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
