<?php

declare(strict_types=1);

namespace App\Sheets;

/** When a visitor gets to see the video link. */
enum LinkShown: string
{
    case Booked = 'booked';
    case Before = 'before';
    case Called = 'called';
}
