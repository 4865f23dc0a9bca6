<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;

/** A video service that gives each meeting a room of its own. Which one is chosen by configuration (recess.video). */
interface VideoRooms
{
    /** The address at which the meeting's room opens, http or https; the same booking always has the same one. */
    public function linkFor(Booking $booking): string;
}
