<?php

declare(strict_types=1);

namespace App\Booking;

/** Whether a booking is told by itself, or together with others by whoever makes them. */
enum Told
{
    /** Both sides hear of each. */
    case Each;

    /** Its visitor hears of all at once. */
    case PlanToVisitor;

    /** Both sides hear of all at once. */
    case AtOnce;

    /** Nobody: it is as if it had not been. */
    case Nobody;
}
