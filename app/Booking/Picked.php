<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Sheet;

/** Somebody is about to book on a sheet: raised before anything is decided, so that what can be known in a moment is. */
final readonly class Picked
{
    public function __construct(public Sheet $sheet) {}
}
