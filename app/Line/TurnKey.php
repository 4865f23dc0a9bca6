<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\Turn;

/** How a page names somebody's turn: a booking's by its number, and that of somebody who just came in by its own. */
final class TurnKey
{
    public const PATTERN = '/^[bt][1-9]\d{0,17}$/D';

    public static function of(Booking|Turn $whose): string
    {
        return ($whose instanceof Booking ? 'b' : 't') . $whose->id;
    }

    /** As the core numbers it. */
    public static function number(string $key): int
    {
        return (int) substr($key, 1) * ($key[0] === 'b' ? 1 : -1);
    }
}
