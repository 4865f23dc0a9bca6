<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Booking;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** Who may do what with a booking. */
final class BookingPolicy
{
    public function cancel(StaffMember $host, Booking $booking): bool
    {
        return $booking->sheet->staff_id === $host->id;
    }

    /** Whoever holds the pass on which it stands. */
    public function hold(?StaffMember $reader, Booking $booking, Pass $pass): Response
    {
        return $booking->pass_id === $pass->id ? Response::allow() : Response::denyAsNotFound();
    }
}
