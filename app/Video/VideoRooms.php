<?php

declare(strict_types=1);

namespace App\Video;

use App\Models\Booking;
use App\Models\Sheet;

/** A video service that gives each meeting a room of its own. Which one is chosen by configuration (recess.video). */
interface VideoRooms
{
    /** Whether there is a service at all. */
    public function areMade(): bool;

    /** The address at which the meeting's room opens, http or https; the same booking always has the same one. Null where there is no service. */
    public function linkFor(Booking $booking): ?string;

    /** The address of a room in which all meetings of a sheet are, one after the other: who waits at its door is let in by the host. */
    public function linkForAll(Sheet $sheet): ?string;
}
