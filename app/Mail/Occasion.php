<?php

declare(strict_types=1);

namespace App\Mail;

/** What a message is about. */
enum Occasion: string
{
    case Booked = 'booked';
    case Cancelled = 'cancelled';
}
