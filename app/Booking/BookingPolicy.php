<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** Who may do what with a booking. */
final class BookingPolicy
{
    public function cancel(StaffMember $host, Booking $booking): bool
    {
        return $booking->sheet->isRunBy($host) || ($host->office && $booking->sheet->host->school_id === $host->school_id);
    }

    public function answer(StaffMember $host, Booking $booking): bool
    {
        return $booking->sheet->isRunBy($host);
    }

    /** Whoever holds the pass on which it stands, or comes as a guest. */
    public function attend(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        $comes = $booking->pass_id === $pass->id || $booking->guests()->where('pass_id', $pass->id)->whereNull('left_at')->exists();

        return $comes ? Response::allow() : Response::denyAsNotFound();
    }

    /** Whoever holds the pass on which it stands, or comes as a guest who may move it and give it back. */
    public function change(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        return $booking->isChangedBy($pass) ? Response::allow() : Response::denyAsNotFound();
    }

    /** Whoever may have changed it last; a guest who has left among them. */
    public function undo(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        $came = $booking->pass_id === $pass->id || $booking->guests()->where('pass_id', $pass->id)->exists();

        return $came ? Response::allow() : Response::denyAsNotFound();
    }

    /** Whoever holds the pass on which it stands. */
    public function hold(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        return $booking->pass_id === $pass->id ? Response::allow() : Response::denyAsNotFound();
    }
}
