<?php

declare(strict_types=1);

namespace App\Models;

/** What became of somebody's turn. */
enum Outcome: string
{
    case Met = 'met';
    case Missed = 'missed';
    /** Sent away kindly: they were there, and the meeting was not. */
    case Away = 'away';
}
