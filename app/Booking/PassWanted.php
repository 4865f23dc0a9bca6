<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Pass;

/** Somebody looks for their passes. */
final readonly class PassWanted
{
    /** @param  list<int>  $others  the numbers of older passes of the same address */
    public function __construct(public Pass $newest, public array $others, public string $school) {}
}
